import fc from 'fast-check'
import { mergeIntervals, nextIn, subtractIntervals } from './intervals'
import { type BenchProblem, readBenchProblem } from './problem'
import { type Solution, solve } from './solve'

const BASE: BenchProblem = {
  format: 'tectoria-bench-problem',
  version: 1,
  horizonMinutes: 1000,
  availability: [[0, 1000]],
  tasks: [],
}

const problem = (more: Partial<BenchProblem>): BenchProblem => ({ ...BASE, ...more })
const task = (id: string, minutes: number, more = {}) => ({ id, minutes, ...more })

/** Every constraint of handbook 7.3, checked one by one; what is broken, in words. */
function broken(one: BenchProblem, { starts }: Solution): string[] {
  const tasks = one.tasks ?? []
  const end = (id: string) => (starts[id] ?? 0) + (tasks.find((t) => t.id === id)?.minutes ?? 0)
  const open = mergeIntervals(one.availability ?? [])
  const told: string[] = []
  for (const t of tasks) {
    const start = starts[t.id]
    if (start === undefined) told.push(`${t.id} has no start`)
    else {
      if (!open.some(([a, b]) => a <= start && end(t.id) <= b)) told.push(`${t.id} outside`)
      if (end(t.id) > one.horizonMinutes) told.push(`${t.id} past the horizon`)
      if (t.noisy && (one.quiet ?? []).some(([a, b]) => start < b && end(t.id) > a))
        told.push(`${t.id} in quiet hours`)
      if (start < (t.earliest ?? 0) || start > (t.latest ?? 1e9)) told.push(`${t.id} own window`)
    }
  }
  for (const link of one.links ?? []) {
    const gap = (starts[link.to] ?? 0) - end(link.from)
    if (gap < (link.minGap ?? 0)) told.push(`${link.from} to ${link.to} too soon`)
    if (link.maxGap !== undefined && link.maxGap !== null && gap > link.maxGap)
      told.push(`${link.from} to ${link.to} too late`)
  }
  for (const [i, a] of tasks.entries())
    for (const b of tasks.slice(i + 1)) {
      const [first, second] = (starts[a.id] ?? 0) <= (starts[b.id] ?? 0) ? [a, b] : [b, a]
      const gap = (starts[second.id] ?? 0) - end(first.id)
      const shares = [a, b].every((t) => t.needs?.includes(one.changeover?.resource ?? ''))
      const clean = shares && a.setup !== b.setup ? (one.changeover?.minutes ?? 0) : 0
      if (gap < clean && !(first.minutes === 0 || second.minutes === 0))
        told.push(`${a.id} and ${b.id} at once`)
    }
  return told
}

/** The best makespan by trying every start of every task: the obvious, slow model. */
function bruteForce(one: BenchProblem): number | null {
  const tasks = one.tasks ?? []
  let best: number | null = null
  const starts: Record<string, number> = {}
  const place = (i: number): void => {
    const t = tasks[i]
    if (!t) {
      const whole: Solution = { status: 'feasible', makespan: 0, lowerBound: 0, starts }
      if (broken(one, whole).length > 0) return
      const makespan = Math.max(0, ...tasks.map((x) => (starts[x.id] ?? 0) + x.minutes))
      if (best === null || makespan < best) best = makespan
      return
    }
    for (let start = 0; start <= one.horizonMinutes - t.minutes; start++) {
      starts[t.id] = start
      place(i + 1)
    }
    delete starts[t.id]
  }
  place(0)
  return best
}

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
  if (makespan !== null) expect(broken(one, found)).toEqual([])
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
    says: 'finds no interval of availability',
  },
  {
    why: 'a resource of which there is none',
    one: problem({ resources: { booth: 0 }, tasks: [task('a', 1, { needs: ['booth'] })] }),
    says: 'needs a resource of which there is none',
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
    says: '"a", "b"',
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
    noisy: fc.boolean(),
  })
  .map(({ minutes, opening, gap, links, setups, noisy }) =>
    problem({
      horizonMinutes: 18,
      availability: [
        [opening, opening + 6],
        [opening + 6 + gap, 18],
      ],
      quiet: [[opening + 2, opening + 4]],
      tasks: minutes.map((length, i) =>
        task(String(i), length, {
          ...(setups[i] ? { needs: ['airbrush'], setup: setups[i] } : {}),
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
      changeover: { resource: 'airbrush', minutes: 2 },
    }),
  )

it('small problems come out as trying everything says', () => {
  fc.assert(
    fc.property(small, (one) => {
      const found = solve(one)
      const best = bruteForce(one)
      expect(found.status).toBe(best === null ? 'infeasible' : 'optimal')
      expect(found.makespan).toBe(best)
      if (best !== null) expect(broken(one, found)).toEqual([])
    }),
    { seed: 20260318, numRuns: 120 },
  )
})

it('a crowded bench gets a plan that keeps every constraint, and the bound is no larger', () => {
  const tasks = Array.from({ length: 120 }, (_, i) =>
    task(`t${i}`, 5 + (i % 4) * 5, { needs: ['airbrush'], setup: `paint ${i % 7}`, noisy: true }),
  )
  const links = tasks.flatMap((one, i) =>
    i % 6 === 5 || !tasks[i + 1]
      ? []
      : [{ from: one.id, to: `t${i + 1}`, minGap: 10, maxGap: i % 3 === 0 ? 600 : null }],
  )
  const availability = Array.from({ length: 40 }, (_, i): [number, number] => [
    i * 1440 + 1140,
    i * 1440 + 1290,
  ])
  const one = problem({
    horizonMinutes: 40 * 1440,
    availability,
    tasks,
    links,
    changeover: { resource: 'airbrush', minutes: 8 },
  })
  const found = solve(one, { nodes: 3000 })
  expect(['feasible', 'optimal']).toContain(found.status)
  expect(broken(one, found)).toEqual([])
  expect(found.lowerBound).toBeLessThanOrEqual(found.makespan ?? 0)
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
