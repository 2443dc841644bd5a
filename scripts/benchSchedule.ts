// How well the scheduler schedules, against an exact reference: `npm run bench:schedule`, with --small N, --seed N, --out FILE, --only small|large|best.

import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { parseArgs } from 'node:util'
import { type BenchProblem, solve } from '../src/core/bench'
import { BENCH_SHAPES, generate, scatter } from '../src/core/bench/tests/generate'
import { broken } from '../src/core/bench/tests/validate'
import { type Reference, referenceSolver } from './reference'

const { values } = parseArgs({
  options: {
    small: { type: 'string', default: '2000' },
    seed: { type: 'string', default: '1' },
    seconds: { type: 'string', default: '5' },
    out: { type: 'string' },
    only: { type: 'string' },
  },
})
const SMALL = Number(values.small)
const SEED = Number(values.seed)

/** Time for one small problem, ms; and for a large one. */
const SMALL_TIME = 2000
const LARGE_TIME = 10_000

const lines: string[] = []
const say = (text: string) => {
  lines.push(text)
  console.log(text)
}

/** Three quarters of the handbook's shapes, the rest of none: 3 to 16 tasks. */
function smallProblem(seed: number): BenchProblem {
  if (seed % 4 === 3) return scatter(seed, 3 + (seed % 14))
  return generate(seed, {
    tasks: 4 + (seed % 13),
    slack: [1, 0.5, 0.2, 2][seed % 4] ?? 1,
    session: [180, 120, 90][seed % 3] ?? 180,
    days: [14, 6, 3][(seed % 5) % 3] ?? 14,
  })
}

function until(time: number) {
  const end = performance.now() + time
  return { steps: 1e9, polish: false, stop: () => performance.now() >= end }
}

const share = (part: number, whole: number) => `${((100 * part) / Math.max(1, whole)).toFixed(1)} %`

async function small(): Promise<void> {
  const reference = await referenceSolver(Number(values.seconds))
  const count = { invalid: 0, falseInfeasible: 0, worse: 0, proved: 0, infeasible: 0, open: 0 }
  const times: number[] = []
  let gap = 0
  let compared = 0
  for (let seed = SEED; seed < SEED + SMALL; seed++) {
    const problem = smallProblem(seed)
    const began = performance.now()
    const found = solve(problem, until(SMALL_TIME))
    times.push(performance.now() - began)
    if (found.status === 'optimal' || found.status === 'infeasible') count.proved += 1
    if (found.status === 'infeasible') count.infeasible += 1
    if (found.makespan !== null && broken(problem, found.starts).length > 0) count.invalid += 1
    const best: Reference = await reference(problem)
    if (seed % 100 === 0) console.error(`… ${seed}`)
    if (best === 'open') {
      count.open += 1
      continue
    }
    if (best !== null && found.status === 'infeasible') count.falseInfeasible += 1
    if (best === null || found.makespan === null) continue
    compared += 1
    gap += (found.makespan - best) / Math.max(1, best)
    if (found.makespan > best) count.worse += 1
    if (found.makespan < best || (found.lowerBound ?? 0) > best)
      throw new Error(`seed ${seed}: the two disagree: ${found.makespan} and ${best}`)
  }
  times.sort((a, b) => a - b)
  const at = (part: number) => (times[Math.floor(times.length * part)] ?? 0).toFixed(0)
  say(`## ${SMALL} small problems, 3 to 16 tasks, from seed ${SEED}\n`)
  say('| what | |\n|---|---|')
  say(`| invalid answers | ${count.invalid} |`)
  say(`| infeasible where there is an answer | ${count.falseInfeasible} |`)
  say(`| proved within ${SMALL_TIME / 1000} s each | ${share(count.proved, SMALL)} |`)
  say(`| of them infeasible | ${count.infeasible} |`)
  say(`| compared with the exact optimum | ${compared} |`)
  say(`| left open by the reference in ${values.seconds} s | ${count.open} |`)
  say(`| mean gap to the optimum | ${((100 * gap) / Math.max(1, compared)).toFixed(3)} % |`)
  say(`| worse than the optimum | ${count.worse} |`)
  say(
    `| time, median · 95th · 99th percentile · longest | ${at(0.5)} · ${at(0.95)} · ${at(0.99)} · ${at(0.9999)} ms |\n`,
  )
}

/** The best plan of each large bench that was ever found, minutes: `--only best` looks for better ones and writes them down. */
type BestKnown = Record<string, number>
const BEST_FILE = 'docs/benchmarks/best-known.json'

function* largeProblems() {
  for (const tasks of [60, 250, 500])
    for (const [shape, more] of Object.entries(BENCH_SHAPES))
      for (let seed = SEED; seed < SEED + 3; seed++)
        yield {
          tasks,
          shape,
          seed,
          name: `${shape} ${tasks} ${seed}`,
          problem: generate(seed, { tasks, ...more }),
        }
}

function best(): void {
  const known: BestKnown = existsSync(BEST_FILE) ? JSON.parse(readFileSync(BEST_FILE, 'utf8')) : {}
  for (const { name, problem } of largeProblems())
    for (const seed of [1, 2]) {
      const { makespan } = solve(problem, { ...until(Number(values.seconds) * 1000), seed })
      if (makespan !== null) known[name] = Math.min(known[name] ?? makespan, makespan)
      writeFileSync(BEST_FILE, `${JSON.stringify(known, null, 1)}\n`)
    }
}

function large(): void {
  const known: BestKnown = JSON.parse(readFileSync(BEST_FILE, 'utf8'))
  say(`## Large benches, ${LARGE_TIME / 1000} s each\n`)
  say(
    '| tasks | shape | seed | first answer, ms | first | after 1 s | at the end, over the best known | proved bound | constraints broken |',
  )
  say('|---|---|---|---|---|---|---|---|---|')
  for (const { tasks, shape, seed, name, problem } of largeProblems()) {
    const began = performance.now()
    const heard: { after: number; makespan: number }[] = []
    const found = solve(problem, {
      ...until(LARGE_TIME),
      onBest: ({ makespan }) =>
        heard.push({ after: performance.now() - began, makespan: makespan ?? 0 }),
    })
    const took = performance.now() - began
    const over = (makespan: number | undefined) =>
      makespan === undefined
        ? '—'
        : `${(100 * (makespan / Math.min(known[name] ?? makespan, found.makespan ?? makespan) - 1)).toFixed(1)} %`
    const second = heard.filter((one) => one.after <= 1000).at(-1)
    const answer =
      found.makespan === null
        ? `${found.status}, ${took.toFixed(0)} | | | | |`
        : `${heard[0]?.after.toFixed(0)} | ${over(heard[0]?.makespan)} | ${over(second?.makespan)} | ${over(found.makespan)} | ${found.lowerBound} | ${broken(problem, found.starts).length} |`
    say(`| ${tasks} | ${shape} | ${seed} | ${answer}`)
  }
  say(
    `\nMost memory of the process: ${(process.resourceUsage().maxRSS / 1024).toFixed(0)} MB, all of them one after the other.\n`,
  )
}

/** A plan that goes on from the running one, after half an hour with nothing done. */
function again(): void {
  const times: number[] = []
  for (let seed = SEED; seed < SEED + 20; seed++) {
    const problem = generate(seed, { tasks: 60 })
    const { starts } = solve(problem, { steps: 2000, polish: false })
    const late = {
      ...problem,
      tasks: (problem.tasks ?? []).map((task) => ({ ...task, earliest: 1170 })),
    }
    const began = performance.now()
    solve(late, { steps: 4000, polish: false, first: true, guide: starts })
    times.push(performance.now() - began)
  }
  times.sort((a, b) => a - b)
  say('## Planned again, 60 tasks, from the running plan\n')
  say(`Median ${times[10]?.toFixed(0)} ms, longest of twenty ${times[19]?.toFixed(0)} ms.\n`)
}

if (values.only === 'best') best()
else if (values.only !== 'small') {
  large()
  again()
}
if (values.only !== 'large' && values.only !== 'best') await small()
if (values.out) writeFileSync(values.out, `${lines.join('\n')}\n`)
