import { type BenchProblem, solve } from '../src/core/bench'
import { stateOf } from '../src/core/builds'
import { judgeBuild } from '../src/core/builds/judgeBuild'
import { judgePart } from '../src/core/builds/judgePart'
import { planParts } from '../src/core/builds/planParts'
import type { Build } from '../src/core/model/build'
import type { Sequence, Step } from '../src/core/model/sequence'
import { planBench } from '../src/core/schedule/planBench'
import { check, judgeSequence } from '../src/core/stack/check'
import { simulate } from '../src/core/stack/simulate/simulate'
import { demoProject } from '../src/demo/demo'
import { yardstick } from './yardstick'

/** Repeats until this much time has passed, ms. */
const SPAN = 1500

/** Run this long beforehand, ms: a page that is dragged on is warm. */
const WARM_UP = 3000

/** Median and 95th percentile of one run, ms. */
function measure(run: () => void): { median: number; p95: number } {
  const warm = performance.now() + WARM_UP
  while (performance.now() < warm) run()
  const times: number[] = []
  const end = performance.now() + SPAN
  while (performance.now() < end || times.length < 5) {
    const began = performance.now()
    run()
    times.push(performance.now() - began)
  }
  times.sort((a, b) => a - b)
  const at = (share: number) =>
    times[Math.min(times.length - 1, Math.floor(times.length * share))] ?? 0
  return { median: at(0.5), p95: at(0.95) }
}

const ROUND: readonly Step[] = [
  { do: 'prime', coats: ['mist', 'light', 'light'] },
  { wait: '24 h' },
  { do: 'base', family: 'alcohol-acrylic', coats: ['light', 'light'] },
  { wait: '24 h' },
  { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['mist', 'light', 'wet'] },
  { wait: '24 h' },
  { do: 'line' },
  { wait: '45 min' },
  { do: 'line-clean' },
  { wait: '24 h' },
]

function sequence(steps: number, waits: 'auto' | 'as-written'): Sequence {
  const all = Array.from({ length: steps }, (_, i) => ROUND[i % ROUND.length] as Step)
  return {
    format: 'tectoria-sequence',
    version: 1,
    substrate: 'polystyrene',
    waits,
    steps: waits === 'auto' ? all.filter((step) => !('wait' in step)) : all,
  }
}

function crowded(count: number): BenchProblem {
  const tasks = Array.from({ length: count }, (_, i) => ({
    id: `t${i}`,
    minutes: 5 + (i % 4) * 5,
    needs: ['airbrush'],
    setup: `paint ${i % 7}`,
    noisy: true,
  }))
  return {
    format: 'tectoria-bench-problem',
    version: 1,
    horizonMinutes: 90 * 1440,
    availability: Array.from({ length: 90 }, (_, i): [number, number] => [
      i * 1440 + 1140,
      i * 1440 + 1290,
    ]),
    tasks,
    links: tasks.flatMap((task, i) =>
      i % 6 === 5 || i === count - 1 ? [] : [{ from: task.id, to: `t${i + 1}`, minGap: 10 }],
    ),
    changeover: { resource: 'airbrush', minutes: 8 },
  }
}

/** Acts of one round; the bench repeats them to a hundred, on ten parts of three materials. */
const CROWD: readonly Step[] = [
  { do: 'prime', coats: ['mist', 'light', 'light'] },
  { do: 'preshade', family: 'lacquer', colour: '#2B2C2E' },
  { do: 'base', family: 'alcohol-acrylic', colour: '#9AA09A', coats: ['light', 'light'] },
  { do: 'clear', family: 'lacquer', sheen: 'gloss', coats: ['mist', 'light', 'light'] },
  { do: 'line' },
  { do: 'line-clean' },
  { do: 'clear', family: 'alcohol-acrylic', sheen: 'matt', coats: ['mist', 'light'] },
  { do: 'oil-dots' },
  { do: 'blend' },
  { do: 'powder' },
]

/** @param span how many of the ten parts every act lies on */
function crowd(span: number): Build {
  const parts = Array.from({ length: 10 }, (_, i) => ({
    id: `p${i}`,
    name: `Part ${i}`,
    substrate: (['polystyrene', 'abs', 'resin-cast'] as const)[i % 3] ?? 'abs',
  }))
  const steps = Array.from({ length: 100 }, (_, i) => ({
    ...(CROWD[i % CROWD.length] as Step),
    id: `s${i}`,
    parts: Array.from({ length: span }, (_, j) => `p${(Math.floor(i / CROWD.length) + j) % 10}`),
  }))
  return { id: 'crowd', name: 'Crowd', parts, steps } as Build
}

/** A step put three places on, another one each time: what a drag asks of a build. */
function dragOf(build: Build): () => void {
  const state = stateOf({ format: 'tectoria-project', version: 1, builds: [build] })
  const judged = judgeBuild(state, build, now)
  let hop = 0
  return () => {
    hop = (hop * 21 + 37) % 100
    const steps = [...build.steps]
    const [step] = steps.splice(hop, 1)
    if (step) steps.splice(Math.min(99, hop + 3), 0, step)
    judgeBuild(state, { ...build, steps }, now, judged)
  }
}

const full = crowd(10)
const bench = { format: 'tectoria-project' as const, version: 1 as const, builds: [full] }

const now = Date.parse('2026-03-17T18:25:00Z')

/** Sixty acts on a part, five of them in the wrong place. */
function slips(): Build {
  const steps = full.steps.slice(0, 60)
  for (const at of [5, 17, 29, 41, 53]) {
    const [step] = steps.splice(at, 1)
    if (step) steps.splice(at - 4, 0, step)
  }
  return { ...full, id: 'slips', steps }
}

const slipped = { ...bench, builds: [slips()] }

function judgeSlips(): void {
  judgePart(stateOf(slipped), { build: 'slips', part: 'p0' }, now, () => 'new')
}
const demo = demoProject(now, 'Europe/Lisbon')
const hundred = sequence(100, 'as-written')
const auto = sequence(100, 'auto')
const example = sequence(10, 'as-written')
const busy = crowded(120)

const RUNS: { name: string; run: () => void }[] = [
  { name: 'judge 100 steps, waits as written', run: () => void judgeSequence(hundred) },
  { name: 'judge 60 acts, automatic waits', run: () => void judgeSequence(auto) },
  { name: 'an empty walk', run: () => void simulate({ ...hundred, steps: [] }) },
  { name: 'a drag: 100 steps on 10 parts, each on 3', run: dragOf(crowd(3)) },
  { name: 'a drag: 100 steps on 10 parts, each on all', run: dragOf(full) },
  {
    name: '100 steps on 10 parts, from nothing',
    run: () => void judgeBuild(stateOf(bench), full, now),
  },
  { name: 'a part of 60 acts with 5 mistakes, every way out tried', run: judgeSlips },
  { name: 'check 10 steps with remedies', run: () => void check(example) },
  { name: 'every part of the demo bench', run: () => void planParts(stateOf(demo), now) },
  { name: 'schedule 120 tasks, 1,000 steps', run: () => void solve(busy, { steps: 1000 }) },
  { name: 'the demo planned from nothing, quick, with the judging loop', run: quickly },
  { name: 'the demo planned whole, with the judging loop', run: wholly },
  { name: 'sixty tasks planned again half an hour later, with the judging loop', run: again },
]

const demoState = stateOf(demo)
const demoParts = planParts(demoState, now)
const QUICK = { steps: 4000, polish: false, first: true }
const quickPlan = planBench(demoState, now, QUICK, demoParts)

function quickly(): void {
  planBench(demoState, now, QUICK, demoParts)
}

function wholly(): void {
  planBench(demoState, now, { steps: 30_000, before: quickPlan }, demoParts)
}

/** Three of the demo's builds: some sixty to seventy tasks. */
const sixty = stateOf({ ...demo, builds: demo.builds?.slice(0, 3) ?? [] })
const sixtyPlan = planBench(sixty, now, QUICK)
const LATER = now + 30 * 60_000
const sixtyParts = planParts(sixty, LATER)

function again(): void {
  planBench(sixty, LATER, { ...QUICK, before: sixtyPlan }, sixtyParts)
}

const stick = measure(yardstick)
console.log(`yardstick: sort 100,000 numbers, median ${stick.median.toFixed(2)} ms\n`)
console.log('| what | median ms | p95 ms | median as a ratio to the yardstick |\n|---|---|---|---|')
for (const { name, run } of RUNS) {
  const { median, p95 } = measure(run)
  console.log(
    `| ${name} | ${median.toFixed(2)} | ${p95.toFixed(2)} | ${(median / stick.median).toFixed(2)} |`,
  )
}
