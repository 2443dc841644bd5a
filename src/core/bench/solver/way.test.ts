import type { BenchProblem } from '../problem'
import { endOf } from '../tests/endOf'
import { BENCH_SHAPES, generate, scatter } from '../tests/generate'
import { Driver } from './driver'
import { modelOf } from './model'
import { networkOf } from './network'
import { polish } from './polish'
import { Dice, Search } from './search'
import { qualitiesOf } from './secondaryObjectives'

/** So much work, and every question after it is counted. */
function counted(most: number) {
  let asked = 0
  const left = () => {
    asked += 1
    return budget.spent <= most
  }
  const budget = { spent: 0, left }
  return { budget, told: () => `asked ${asked}, spent ${budget.spent}` }
}

/** Work for each way, and for what comes after it. */
const MOST = 1500
const WORTH = { evening: 300, cleanOut: 20 }

/** One number that says which starts these are. */
const markOf = (starts: Int32Array) =>
  starts.reduce((mark, start) => (Math.imul(mark, 31) + start) >>> 0, 0)

/** A plan that runs, or an answer at once. */
type Start = { guide?: Int32Array; first?: boolean }

/** Each step of the way to the soonest finish and to the better plan, in counts: a step more or less shows. */
function stepsOf(problem: BenchProblem, start: Start = {}, most = MOST): string {
  const model = modelOf(problem)
  if (model.domains.some((domain) => domain === null)) return 'a task fits nowhere'
  const way = counted(most)
  const bettered: number[] = []
  const { best, lowerBound, proved } = new Driver(
    model,
    way.budget,
    ({ makespan }) => bettered.push(makespan),
    { seed: 1, guide: null, ...start },
  ).run()
  const told = [`ends ${bettered.join(' ')}`, `not before ${lowerBound}`, `${proved}`, way.told()]
  if (!best) return told.join('; ')
  for (const worth of [{ evening: 0, cleanOut: 0 }, WORTH, { ...WORTH, evening: 0 }]) {
    const after = counted(MOST)
    const plan = polish(model, best, worth, after.budget)
    const { sessions, cleanOuts, tight } = qualitiesOf(model, plan)
    const mark = `${sessions} ${cleanOuts} ${tight} ${markOf(plan.starts)}`
    told.push(`ends ${plan.makespan}, ${mark}`, after.told())
  }
  return told.join('; ')
}

/** The same with two airbrushes, each act on one of them. */
function onTwoGuns(problem: BenchProblem): BenchProblem {
  const tasks = problem.tasks?.map((task, i) => (task.setup ? { ...task, gun: i % 2 } : task))
  return { ...problem, tasks }
}

// Another way to the same plan is no mistake that a test of plans can see, but it may be a longer one, or end somewhere worse with the
// next bench. So the way is written down: who changes the search looks at what it did to the counts, and writes them down anew.
describe('every step of the search is as it was written down', () => {
  test.each(Object.entries(BENCH_SHAPES))('on benches of a shape, %s', (_, shape) => {
    const benches = [10, 13, 17, 22, 28, 46].map((tasks) => generate(tasks, { ...shape, tasks }))
    expect(benches.map((bench) => stepsOf(bench))).toMatchSnapshot()
  })

  it('on benches without a shape', () => {
    const benches = Array.from({ length: 30 }, (_, seed) => scatter(seed, 4 + (seed % 16)))
    expect(benches.map((bench) => stepsOf(bench))).toMatchSnapshot()
  })

  it('on benches of two airbrushes', () => {
    const benches = [14, 19, 25].map((tasks) =>
      onTwoGuns(generate(tasks, { ...BENCH_SHAPES.crowded, tasks })),
    )
    expect(benches.map((bench) => stepsOf(bench))).toMatchSnapshot()
  })

  it('on a bench that is too large for propagation', () => {
    const bench = generate(160, { ...BENCH_SHAPES.scarce, tasks: 160 })
    expect([stepsOf(bench, { first: true }), stepsOf(bench)]).toMatchSnapshot()
  })

  it('on a crowded bench, for longer', () => {
    const bench = generate(5, { ...BENCH_SHAPES.tight, tasks: 56 })
    expect(stepsOf(bench, {}, 6 * MOST)).toMatchSnapshot()
  })

  it('from a plan that runs', () => {
    const bench = generate(4, { ...BENCH_SHAPES.crowded, tasks: 24 })
    const guide = Int32Array.from({ length: 24 }, (_, i) => (i % 7) * 1440 + i)
    const ways = [{ guide }, { guide, first: true }]
    expect(ways.map((start) => stepsOf(bench, start))).toMatchSnapshot()
  })

  it('where no-goods are forgotten on the way', () => {
    const model = modelOf(generate(22, { ...BENCH_SHAPES.evenings, tasks: 22 }))
    const search = new Search(networkOf(model), new Dice(1))
    const { engine } = search.network
    const { budget } = counted(Number.POSITIVE_INFINITY)
    const least = search.lowerBound
    const told: string[] = []
    for (let round = 0; round < 30; round++) {
      const found = search.run({ conflicts: 40, restart: 40, budget, by: 'clashes' })
      if (found === null) break
      if (found !== 'open' && found !== 'refuted')
        search.endBy(endOf(model.minutes, found.starts) - 1)
      engine.forget(20)
      told.push(`${engine.conflicts} ${engine.followed} ${search.lowerBound - least}`)
    }
    expect(told).toMatchSnapshot()
  })
})
