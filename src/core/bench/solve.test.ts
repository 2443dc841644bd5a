import { mergeIntervals, nextIn, subtractIntervals } from './intervals'
import { readBenchProblem } from './problem'
import { solve } from './solve'
import { problem, task } from './tests/problem'
import { broken } from './tests/validate'

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
    why: 'an order that fits to the minute is open, the first task first',
    one: problem({
      tasks: [task('a', 30), task('b', 10, { earliest: 30 })],
      links: [{ from: 'a', to: 'b', minGap: -100, maxGap: 0 }],
      horizonMinutes: 40,
    }),
    makespan: 40,
  },
  {
    why: 'an order that fits to the minute is open, the second task first',
    one: problem({
      tasks: [task('b', 10, { earliest: 30 }), task('a', 30)],
      links: [{ from: 'a', to: 'b', minGap: -100, maxGap: 0 }],
      horizonMinutes: 40,
    }),
    makespan: 40,
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
    { value: { ...problem({}), version: 2 }, path: 'version', why: 'newer' },
    {
      value: { ...problem({}), availability: [[5, 1]] },
      path: 'availability[0]',
      why: 'ends before it begins',
    },
    {
      value: { ...problem({}), tasks: [task('a', 1.5)] },
      path: 'tasks[0].minutes',
      why: 'no whole minutes',
    },
    {
      value: { ...problem({}), tasks: [task('a', 1), task('a', 2)] },
      path: 'tasks[1].id',
      why: 'an id twice',
    },
    {
      value: { ...problem({}), tasks: [task('a', 1)], links: [{ from: 'a', to: 'b' }] },
      path: 'links[0].to',
      why: 'a link to nowhere',
    },
  ])('$why is refused at $path', ({ value, path }) => {
    const read = readBenchProblem(value)
    expect(read.ok).toBe(false)
    if (!read.ok) expect(read.problems[0]?.path).toBe(path)
  })

  test.each([0, 1440])('takes a task of %i minutes', (minutes) => {
    expect(readBenchProblem({ ...problem({}), tasks: [task('a', minutes)] }).ok).toBe(true)
  })
  test.each([-1, 1441])('takes no task of %i minutes', (minutes) => {
    expect(readBenchProblem({ ...problem({}), tasks: [task('a', minutes)] }).ok).toBe(false)
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

// Three of two paints on one evening, cleaned out between in no time: any order ends as soon.
const PAINTED = problem({
  tasks: ['grey', 'teal', 'grey'].map((setup, i) =>
    task(`t${i}`, 10, { needs: ['airbrush'], setup }),
  ),
  availability: [[0, 200]],
  changeover: { resource: 'airbrush', minutes: 0 },
})

test.each([
  { why: 'a guide that was bettered already stays', settled: true, keeps: true },
  { why: 'one that was not is bettered', settled: false, keeps: false },
])('$why', ({ settled, keeps }) => {
  const late = {
    ...PAINTED,
    tasks: [...(PAINTED.tasks ?? []), task('last', 10, { earliest: 190 })],
  }
  const guide = { t0: 0, t1: 10, t2: 20, last: 190 }
  const { starts, qualities } = solve(late, { guide, settled })
  expect(qualities?.cleanOuts).toBe(keeps ? 2 : 1)
  expect(JSON.stringify(starts) === JSON.stringify(guide)).toBe(keeps)
})

it('where the guide can be ended sooner it is bettered too, settled or not', () => {
  const guide = { t0: 0, t1: 60, t2: 120 }
  const { makespan, qualities } = solve(PAINTED, { guide, settled: true })
  expect([makespan, qualities?.cleanOuts]).toEqual([30, 1])
})
