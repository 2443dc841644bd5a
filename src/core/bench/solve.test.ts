import fc from 'fast-check'
import { mergeIntervals, nextIn, subtractIntervals } from './intervals'
import { type BenchProblem, readBenchProblem } from './problem'
import { solve } from './solve'
import { generate, scatter } from './tests/generate'
import { broken } from './tests/validate'

const BASE: BenchProblem = {
  format: 'tectoria-bench-problem',
  version: 1,
  horizonMinutes: 1000,
  availability: [[0, 1000]],
  tasks: [],
}

const problem = (more: Partial<BenchProblem>): BenchProblem => ({ ...BASE, ...more })
const task = (id: string, minutes: number, more = {}) => ({ id, minutes, ...more })

/** The best makespan by trying every start of every task: the obvious, slow model. */
function bruteForce(benchProblem: BenchProblem): number | null {
  const tasks = benchProblem.tasks ?? []
  let best: number | null = null
  const starts: Record<string, number> = {}
  const place = (i: number): void => {
    const t = tasks[i]
    if (!t) {
      if (broken(benchProblem, starts).length > 0) return
      const makespan = Math.max(0, ...tasks.map((x) => (starts[x.id] ?? 0) + x.minutes))
      if (best === null || makespan < best) best = makespan
      return
    }
    for (let start = 0; start <= benchProblem.horizonMinutes - t.minutes; start++) {
      starts[t.id] = start
      place(i + 1)
    }
    delete starts[t.id]
  }
  place(0)
  return best
}

type Shape = Parameters<typeof generate>[1]
/** Roomy, tight in windows, tight in time, and long. */
const SHAPES: readonly Shape[] = [
  { tasks: 14, sittings: true },
  { tasks: 8 },
  { tasks: 12, slack: 0.4, session: 120 },
  { tasks: 10, session: 120, days: 5 },
  { tasks: 16, slack: 2 },
]

const SPRAY = { needs: ['airbrush'], noisy: true }

test.each([
  { why: 'nothing to do', one: problem({}), makespan: 0 },
  {
    why: 'one task at the first opening',
    one: problem({ availability: [[30, 90]], tasks: [task('a', 20)] }),
    makespan: 50,
  },
  {
    why: 'intervals that touch are one',
    one: problem({
      availability: [
        [0, 10],
        [10, 30],
      ],
      tasks: [task('a', 25)],
    }),
    makespan: 25,
  },
  {
    why: 'noisy work waits for the end of quiet hours',
    one: problem({ quiet: [[0, 100]], tasks: [task('a', 10, { noisy: true })] }),
    makespan: 110,
  },
  {
    why: 'a wait is filled with other work',
    one: problem({
      tasks: [task('a', 10), task('b', 10), task('c', 30)],
      links: [{ from: 'a', to: 'b', minGap: 30 }],
    }),
    makespan: 50,
  },
  {
    why: 'a late window pulls the first task later',
    one: problem({
      availability: [
        [0, 20],
        [100, 140],
      ],
      tasks: [task('a', 10), task('b', 10)],
      links: [{ from: 'a', to: 'b', minGap: 30, maxGap: 60 }],
      horizonMinutes: 400,
    }),
    makespan: null,
  },
  {
    why: 'another paint needs a clean-out between',
    one: problem({
      tasks: [
        task('a', 10, { ...SPRAY, setup: 'grey' }),
        task('b', 10, { ...SPRAY, setup: 'teal' }),
      ],
      changeover: { resource: 'airbrush', minutes: 8 },
    }),
    makespan: 28,
  },
  {
    why: 'the clean-out runs while something else is done',
    one: problem({
      tasks: [
        task('a', 10, { ...SPRAY, setup: 'grey' }),
        task('b', 10, { ...SPRAY, setup: 'teal' }),
        task('c', 8),
      ],
      changeover: { resource: 'airbrush', minutes: 8 },
    }),
    makespan: 28,
  },
  {
    why: 'what takes no time lies on the edge of a session, and its paint is cleaned out after it',
    one: problem({
      horizonMinutes: 600,
      availability: [
        [19, 123],
        [378, 547],
      ],
      changeover: { resource: 'airbrush', minutes: 19 },
      tasks: [
        task('rinse', 0, { ...SPRAY, setup: 'x' }),
        task('sand', 37),
        task('grey', 36, { ...SPRAY, setup: 'y' }),
        task('teal', 40, { ...SPRAY, setup: 'y' }),
      ],
      links: [
        { from: 'sand', to: 'teal', minGap: -5, maxGap: 317 },
        { from: 'grey', to: 'teal', minGap: 26, maxGap: 205 },
        { from: 'rinse', to: 'grey', minGap: 39, maxGap: 282 },
      ],
    }),
    makespan: 480,
  },
  {
    why: 'a setup on a task that does not use the resource means nothing',
    one: problem({
      tasks: [task('a', 10, { setup: 'grey' }), task('b', 10, { ...SPRAY, setup: 'teal' })],
      changeover: { resource: 'airbrush', minutes: 8 },
    }),
    makespan: 20,
  },
])('$why', ({ one, makespan }) => {
  const found = solve(one)
  expect(found.status).toBe(makespan === null ? 'infeasible' : 'optimal')
  expect(found.makespan).toBe(makespan)
  if (makespan !== null) expect(broken(one, found.starts)).toEqual([])
})

test.each([
  {
    why: 'too long for any interval',
    one: problem({ availability: [[0, 20]], tasks: [task('wing', 30)] }),
    says: '"wing" (30 min) fits into no interval',
  },
  {
    why: 'links that turn in a circle',
    one: problem({
      tasks: [task('a', 1), task('b', 1)],
      links: [
        { from: 'a', to: 'b' },
        { from: 'b', to: 'a' },
      ],
    }),
    says: `"a" comes after "b"`,
  },
  {
    why: 'a resource of which there is none',
    one: problem({ resources: { booth: 0 }, tasks: [task('a', 1, { needs: ['booth'] })] }),
    says: 'needs "booth", a resource of which there is none',
  },
  {
    why: 'two windows that want the hands at once',
    one: problem({
      horizonMinutes: 60,
      tasks: [task('a', 10), task('b', 30), task('c', 10), task('d', 30)],
      links: [
        { from: 'a', to: 'b', minGap: 0, maxGap: 0 },
        { from: 'c', to: 'd', minGap: 0, maxGap: 0 },
      ],
    }),
    says: `can't all be kept; "d" comes after "c"; the availability ([0, 60] up to minute 60)`,
  },
])('infeasible is proved and says why: $why', ({ one, says }) => {
  const found = solve(one)
  expect(found.status).toBe('infeasible')
  expect(found.because).toContain(says)
})

const small: fc.Arbitrary<BenchProblem> = fc
  .record({
    minutes: fc.array(fc.integer({ min: 1, max: 4 }), { minLength: 1, maxLength: 3 }),
    opening: fc.integer({ min: 0, max: 3 }),
    gap: fc.integer({ min: 1, max: 4 }),
    links: fc.array(
      fc.record({
        from: fc.integer({ min: 0, max: 2 }),
        to: fc.integer({ min: 0, max: 2 }),
        minGap: fc.integer({ min: 0, max: 4 }),
        slack: fc.option(fc.integer({ min: 0, max: 4 })),
      }),
      { maxLength: 2 },
    ),
    setups: fc.array(fc.constantFrom('x', 'y', null), { minLength: 3, maxLength: 3 }),
    guns: fc.array(fc.constantFrom(0, 0, 1), { minLength: 3, maxLength: 3 }),
    noisy: fc.boolean(),
    sitting: fc.integer({ min: 0, max: 3 }),
  })
  .map(({ minutes, opening, gap, links, setups, guns, noisy, sitting }) =>
    problem({
      horizonMinutes: 18,
      availability: [
        [opening, opening + 6],
        [opening + 6 + gap, 18],
      ],
      quiet: [[opening + 2, opening + 4]],
      tasks: minutes.map((length, i) =>
        task(String(i), length, {
          ...(setups[i] ? { needs: ['airbrush'], setup: setups[i], gun: guns[i] } : {}),
          ...(noisy && i === 0 ? { noisy: true } : {}),
        }),
      ),
      links: links
        .filter(({ from, to }) => from !== to && from < minutes.length && to < minutes.length)
        .map(({ from, to, minGap, slack }) => ({
          from: String(from),
          to: String(to),
          minGap,
          ...(slack === null ? {} : { maxGap: minGap + slack }),
        })),
      sittings: sitting < 2 ? [] : [minutes.slice(0, sitting).map((_, i) => String(i))],
      changeover: { resource: 'airbrush', minutes: 2 },
    }),
  )

it('a clean-out that is worth a delay is saved, and one that isn’t stays', () => {
  // White again after an hour: between the two there is time for red, and the end is soonest so.
  const one = problem({
    tasks: [
      task('white.1', 10, { ...SPRAY, setup: 'white' }),
      task('white.2', 10, { ...SPRAY, setup: 'white' }),
      task('red', 40, { ...SPRAY, setup: 'red' }),
    ],
    links: [{ from: 'white.1', to: 'white.2', minGap: 60 }],
    changeover: { resource: 'airbrush', minutes: 5 },
  })
  const soonest = solve(one)
  const fewest = solve(one, { cleanOut: 60 })
  expect([soonest.makespan, soonest.qualities?.cleanOuts]).toEqual([80, 2])
  expect([fewest.makespan, fewest.qualities?.cleanOuts]).toEqual([125, 1])
  expect(solve(one, { cleanOut: 10 }).makespan).toBe(80)
})

it('small problems come out as trying everything says', () => {
  fc.assert(
    fc.property(small, (one) => {
      const found = solve(one)
      const best = bruteForce(one)
      expect(found.status).toBe(best === null ? 'infeasible' : 'optimal')
      expect(found.makespan).toBe(best)
      if (best !== null) expect(broken(one, found.starts)).toEqual([])
    }),
    { seed: 20260318, numRuns: 150 },
  )
})

describe('generated benches', () => {
  test.each([
    {
      why: 'of the handbook',
      of: (seed: number) => generate(seed, SHAPES[seed % SHAPES.length] as Shape),
    },
    { why: 'of no shape', of: (seed: number) => scatter(seed, 3 + (seed % 14)) },
  ])('$why: every answer is a plan, and its bound no larger', ({ of }) => {
    const seen = new Map<string, number>()
    for (let seed = 2000; seed < 2040; seed++) {
      const one = of(seed)
      const found = solve(one, { steps: 8000, polish: false })
      seen.set(found.status, (seen.get(found.status) ?? 0) + 1)
      if (found.makespan === null) continue
      expect(broken(one, found.starts)).toEqual([])
      expect(found.lowerBound).toBeLessThanOrEqual(found.makespan)
    }
    expect(seen.get('optimal')).toBeGreaterThan(20)
    expect(seen.get('infeasible')).toBeGreaterThan(3)
  })

  it('a crowded bench gets a plan near its bound', () => {
    const one = generate(7, { tasks: 120 })
    const found = solve(one, { steps: 2000, polish: false })
    expect(found.status).toBe('feasible')
    expect(broken(one, found.starts)).toEqual([])
    expect(found.makespan).toBeLessThan((found.lowerBound ?? 0) * 1.25)
  })

  it('the same steps and seed give the same plan', () => {
    const one = generate(11, { tasks: 30 })
    const options = { steps: 1500, seed: 5 }
    expect(solve(one, options)).toEqual(solve(one, options))
  })

  it('what clashes can be kept once anything that is named is dropped', () => {
    for (let seed = 1; seed < 14; seed++) {
      const one = generate(seed, { tasks: 10, slack: 0.2, session: 90, days: 4 })
      const { clash, because } = solve(one)
      if (!clash) continue
      const named = new Set(clash.tasks)
      const part = (ids: ReadonlySet<string>) => ({
        ...one,
        tasks: (one.tasks ?? []).filter(({ id }) => ids.has(id)),
        links: (one.links ?? []).filter(({ from, to }) => ids.has(from) && ids.has(to)),
      })
      expect(solve(part(named)).status).toBe('infeasible')
      for (const id of named) {
        expect(because).toContain(`"${id}"`)
        expect(solve(part(new Set([...named].filter((other) => other !== id)))).status).toBe(
          'optimal',
        )
      }
    }
  })

  it('what is said to help does', () => {
    const one = problem({
      horizonMinutes: 400,
      availability: [
        [0, 20],
        [100, 140],
      ],
      tasks: [task('a', 10), task('b', 10)],
      links: [{ from: 'a', to: 'b', minGap: 50, maxGap: 60 }],
    })
    const { clash } = solve(one)
    expect(clash?.windows).toEqual([{ from: 'a', to: 'b', maxGap: 60 }])
    expect(clash?.helps).toContainEqual({
      change: 'window',
      from: 'a',
      to: 'b',
      maxGap: 60,
      needs: 80,
    })
    expect(clash?.helps).toContainEqual({ change: 'session', between: [20, 100] })
  })
})

it('stops when it is told to, and tells what it has', () => {
  const tasks = Array.from({ length: 12 }, (_, i) => task(`t${i}`, 7 + i))
  const heard: number[] = []
  const found = solve(problem({ tasks, links: [{ from: 't0', to: 't1', minGap: 900 }] }), {
    stop: () => true,
    onBest: (best) => heard.push(best.makespan ?? 0),
  })
  expect(['unknown', 'feasible', 'optimal']).toContain(found.status)
  expect(found.starts).toEqual(heard.length > 0 ? found.starts : {})
})

describe('a bench problem from outside', () => {
  test.each([
    { value: null, path: '', why: 'no object' },
    { value: { ...BASE, version: 2 }, path: 'version', why: 'newer' },
    {
      value: { ...BASE, availability: [[5, 1]] },
      path: 'availability[0]',
      why: 'ends before it begins',
    },
    {
      value: { ...BASE, tasks: [task('a', 1.5)] },
      path: 'tasks[0].minutes',
      why: 'no whole minutes',
    },
    {
      value: { ...BASE, tasks: [task('a', 1), task('a', 2)] },
      path: 'tasks[1].id',
      why: 'an id twice',
    },
    {
      value: { ...BASE, tasks: [task('a', 1)], links: [{ from: 'a', to: 'b' }] },
      path: 'links[0].to',
      why: 'a link to nowhere',
    },
  ])('$why is refused at $path', ({ value, path }) => {
    const read = readBenchProblem(value)
    expect(read.ok).toBe(false)
    if (!read.ok) expect(read.problems[0]?.path).toBe(path)
  })
})

describe('intervals', () => {
  it('merge, subtract and find', () => {
    expect(
      mergeIntervals([
        [5, 8],
        [1, 3],
        [3, 5],
        [9, 9],
      ]),
    ).toEqual([[1, 8]])
    expect(
      subtractIntervals(
        [[0, 10]],
        [
          [2, 4],
          [8, 12],
        ],
      ),
    ).toEqual([
      [0, 2],
      [4, 8],
    ])
    expect(
      nextIn(
        [
          [0, 2],
          [6, 9],
        ],
        3,
      ),
    ).toBe(6)
    expect(nextIn([[0, 2]], 3)).toBe(Number.POSITIVE_INFINITY)
  })
})
