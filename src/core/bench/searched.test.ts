import { type SolveOptions, solve } from './solve'
import { BENCH_SHAPES, generate, scatter } from './tests/generate'

/** What was found, and how long it took by count: times it was asked whether to go on, and every better plan on the way. */
function wayOf(problem: Parameters<typeof solve>[0], options: SolveOptions) {
  let asked = 0
  const bettered: (number | null)[] = []
  const found = solve(problem, {
    ...options,
    stop: () => {
      asked += 1
      return false
    },
    onBest: ({ makespan }) => bettered.push(makespan),
  })
  const { starts, clash: _, ...rest } = found
  return { ...rest, asked, bettered, starts: Object.values(starts).join(' ') }
}

const SHAPES = Object.entries(BENCH_SHAPES)
const SIZES = [8, 16, 20, 24]

// Another way to the same plan is no mistake that a test of plans can see, but it may be a longer one, or end somewhere worse with the
// next bench. So the way is written down: who changes the search looks at what it did to the counts, and writes them down anew.
describe('the search goes the way that was written down', () => {
  test.each(SHAPES.flatMap(([name, shape]) => SIZES.map((tasks) => ({ name, shape, tasks }))))(
    'on a bench of $tasks tasks, $name',
    ({ shape, tasks }) => {
      const problem = generate(tasks, { ...shape, tasks })
      expect(wayOf(problem, { steps: 3000 })).toMatchSnapshot()
    },
  )

  // Beyond forty tasks plans are put together first, and bettered in turns.
  test.each(SHAPES)('on a crowded bench, %s', (_, shape) => {
    const problem = generate(44, { ...shape, tasks: 44 })
    expect(wayOf(problem, { steps: 600 })).toMatchSnapshot()
  })

  it('on a bench that is too large for propagation', () => {
    const problem = generate(160, { ...BENCH_SHAPES.scarce, tasks: 160 })
    expect(wayOf(problem, { steps: 60, first: true })).toMatchSnapshot()
  })

  test.each([3, 5, 6, 7, 9, 11, 13])('on a bench without a shape, %i', (seed) => {
    expect(wayOf(scatter(seed, 6 + (seed % 4) * 3), { steps: 3000 })).toMatchSnapshot()
  })

  it('from a plan that runs, for fewer evenings and clean-outs', () => {
    const problem = generate(4, { ...BENCH_SHAPES.crowded, tasks: 24 })
    const guide = Object.fromEntries(
      (problem.tasks ?? []).map(({ id }, i) => [id, (i % 7) * 1440 + i]),
    )
    expect(wayOf(problem, { steps: 3000, guide, evening: 300, cleanOut: 20 })).toMatchSnapshot()
    expect(wayOf(problem, { steps: 3000, guide, first: true })).toMatchSnapshot()
  })
})
