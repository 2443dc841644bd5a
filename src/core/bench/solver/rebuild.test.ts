import type { BenchProblem } from '../problem'
import { endOf } from '../tests/endOf'
import { BENCH_SHAPES, generate, scatter } from '../tests/generate'
import { build, builderOf, latestBegins } from './construct'
import { dispatch } from './dispatch'
import { mirrored } from './mirrored'
import { modelOf } from './model'
import { Rebuilding } from './rebuild'
import { Dice } from './search'
import { strongComponents } from './strongComponents'
import { isPlan } from './valid'

const models = [
  ...Object.values(BENCH_SHAPES).flatMap((shape) =>
    [40, 90].map((tasks) => modelOf(generate(tasks, { tasks, ...shape }))),
  ),
  ...Array.from({ length: 60 }, (_, seed) => modelOf(scatter(seed, 3 + (seed % 14)))),
].filter(({ domains }) => domains.every((domain) => domain !== null))

describe('what is put together keeps every constraint', () => {
  test.each([
    { how: 'one bundle after the other', make: build },
    { how: 'as time goes by', make: dispatch },
  ])('$how', ({ make }) => {
    let made = 0
    for (const model of models) {
      const builder = builderOf(model)
      const starts = make(builder, latestBegins(builder, model.horizon))
      if (!starts) continue
      made += 1
      expect(isPlan(model, starts)).toBe(true)
    }
    expect(made).toBeGreaterThan(models.length / 2)
  })

  it('and is bettered, never worsened, by laying some of it anew', () => {
    let bettered = 0
    for (const model of models.slice(0, 10)) {
      const rebuilding = new Rebuilding(model, new Dice(1))
      const first = rebuilding.first()
      let last = first?.makespan ?? 0
      for (let i = 0; first && i < 60; i++) {
        const next = rebuilding.next()
        if (!next) continue
        expect(next.makespan).toBeLessThan(last)
        expect(isPlan(model, next.starts)).toBe(true)
        last = next.makespan
        bettered += 1
      }
    }
    expect(bettered).toBeGreaterThan(5)
  })
})

it('near a plan everything keeps its minute', () => {
  const problem = generate(3, { tasks: 60, sittings: true })
  const model = modelOf(problem)
  const starts = new Rebuilding(model, new Dice(1)).first()?.starts as Int32Array
  const same = new Rebuilding(model, new Dice(1)).near(starts)
  expect([...(same?.starts ?? [])]).toEqual([...starts])
})

/** What becomes of a plan of tasks of ten minutes, in the order of the tasks, near itself. */
function near(running: number[], tasks: BenchProblem['tasks'], links: BenchProblem['links']) {
  const model = modelOf({
    format: 'tectoria-bench-problem',
    version: 1,
    horizonMinutes: 1000,
    availability: [[0, 1000]],
    tasks,
    links,
  })
  return [...(new Rebuilding(model, new Dice(1)).near(Int32Array.from(running))?.starts ?? [])]
}
const task = (id: string, more = {}) => ({ id, minutes: 10, ...more })

it('what is late goes where the others leave room, and they stay', () => {
  const tasks = [task('a'), task('b'), task('c'), task('late', { earliest: 15 })]
  const links = [
    { from: 'a', to: 'b', minGap: 10 },
    { from: 'b', to: 'c', minGap: 100 },
  ]
  expect(near([0, 20, 130, 10], tasks, links)).toEqual([0, 20, 130, 30])
})

it('what can’t follow so soon as a plan has it goes behind what stays', () => {
  const tasks = [task('before'), task('late'), task('stays')]
  const links = [{ from: 'before', to: 'late', minGap: 10 }]
  expect(near([15, 20, 28], tasks, links)).toEqual([15, 38, 28])
})

it('turned round, a plan is a plan', () => {
  for (const model of models.slice(0, 20)) {
    const builder = builderOf(model)
    const starts = build(builder, latestBegins(builder, model.horizon))
    if (!starts) continue
    const end = endOf(model.minutes, starts)
    const back = mirrored(model, end)
    const turned = starts.map((start, task) => end - start - (model.minutes[task] ?? 0))
    expect(back && isPlan(back, turned)).toBe(true)
  }
})

test.each([
  { why: 'a chain: each its own, the last first', next: [[1], [2], []], groups: [2, 1, 0] },
  { why: 'a round', next: [[1], [2], [0], [0]], groups: [0, 0, 0, 1] },
  { why: 'two rounds', next: [[1], [0, 2], [3], [2]], groups: [1, 1, 0, 0] },
  { why: 'nothing', next: [], groups: [] },
])('nodes that lead to one another: $why', ({ next, groups }) => {
  expect([...strongComponents(next)]).toEqual(groups)
})

// As for the search (way.test.ts): another way to a plan is no mistake that a test of plans can see.
describe('rebuilding goes the way that was written down', () => {
  test.each([
    ...Object.entries(BENCH_SHAPES).map(([name, shape]) => ({
      name,
      shape,
      tasks: 40,
      turns: 200,
    })),
    { name: 'scarce', shape: BENCH_SHAPES.scarce, tasks: 90, turns: 70 },
    { name: 'tight', shape: BENCH_SHAPES.tight, tasks: 90, turns: 70 },
  ])('on a bench of $tasks tasks, $name', ({ shape, tasks, turns }) => {
    const problem = generate(tasks, { tasks, ...shape })
    const rebuilding = new Rebuilding(modelOf(problem), new Dice(1))
    const ends: [turn: number, end: number][] = [[0, rebuilding.first()?.makespan ?? -1]]
    let last: Int32Array | null = null
    for (let turn = 1; turn <= turns; turn++) {
      const next = rebuilding.next()
      if (!next) continue
      ends.push([turn, next.makespan])
      last = next.starts
    }
    expect({ ends: ends.join(' '), last: last?.join(' ') }).toMatchSnapshot()
  })
})
