import type { BenchProblem } from './problem'
import { solve } from './solve'
import { generate } from './tests/generate'
import { whyNotEarlier } from './whyNotEarlier'

const BASE: BenchProblem = {
  format: 'tectoria-bench-problem',
  version: 1,
  horizonMinutes: 3000,
  availability: [
    [0, 100],
    [1000, 1100],
    [2000, 2100],
  ],
}
const task = (id: string, minutes: number, more = {}) => ({ id, minutes, ...more })
const SPRAY = { needs: ['airbrush'] }

test.each([
  {
    why: 'a wait',
    tasks: [task('a', 10), task('b', 10)],
    links: [{ from: 'a', to: 'b', minGap: 30 }],
    of: 'b',
    chain: [
      { task: 'b', start: 40, hold: { kind: 'wait', from: 'a', minutes: 30 }, wantedAt: null },
      { task: 'a', start: 0, hold: { kind: 'now' }, wantedAt: null },
    ],
  },
  {
    why: 'a wait that ends where no session is',
    tasks: [task('a', 10), task('b', 10)],
    links: [{ from: 'a', to: 'b', minGap: 300 }],
    of: 'b',
    chain: [
      { task: 'b', start: 1000, hold: { kind: 'wait', from: 'a', minutes: 300 }, wantedAt: 310 },
      { task: 'a', start: 0, hold: { kind: 'now' }, wantedAt: null },
    ],
  },
  {
    why: 'a window pulls the first task after the second',
    tasks: [task('a', 10), task('b', 10, { earliest: 500 })],
    links: [{ from: 'a', to: 'b', minGap: 0, maxGap: 60 }],
    of: 'a',
    chain: [
      { task: 'a', start: 1000, hold: { kind: 'window', before: 'b', minutes: 60 } },
      { task: 'b', start: 1010, hold: { kind: 'wait', from: 'a', minutes: 0 }, wantedAt: null },
    ],
  },
  {
    why: 'the airbrush has to be cleaned',
    tasks: [
      task('a', 10, { ...SPRAY, setup: 'grey' }),
      task('b', 20, { ...SPRAY, setup: 'teal', earliest: 5 }),
    ],
    links: [],
    of: 'b',
    chain: [
      { task: 'b', start: 18, hold: { kind: 'clean-out', from: 'a', minutes: 8 }, wantedAt: null },
      { task: 'a', start: 0, hold: { kind: 'now' }, wantedAt: null },
    ],
  },
  {
    why: 'the hands are busy',
    tasks: [task('a', 30), task('b', 20, { earliest: 5 })],
    links: [],
    of: 'b',
    chain: [
      { task: 'b', start: 30, hold: { kind: 'hands', from: 'a' }, wantedAt: null },
      { task: 'a', start: 0, hold: { kind: 'now' }, wantedAt: null },
    ],
  },
  {
    why: 'a fact',
    tasks: [task('a', 30, { earliest: 20 })],
    links: [],
    of: 'a',
    chain: [{ task: 'a', start: 20, hold: { kind: 'facts' }, wantedAt: null }],
  },
  {
    why: 'no place to dry',
    tasks: [task('a', 30, { earliest: 20, place: 20 })],
    links: [],
    of: 'a',
    chain: [{ task: 'a', start: 20, hold: { kind: 'place' }, wantedAt: null }],
  },
])('$why', ({ tasks, links, of, chain }) => {
  const problem = { ...BASE, tasks, links, changeover: { resource: 'airbrush', minutes: 8 } }
  const { starts } = solve(problem)
  expect(whyNotEarlier(problem, starts, of)).toMatchObject(chain)
})

it('a task that was put later by choice says from when it could be', () => {
  const problem = { ...BASE, tasks: [task('a', 10)] }
  expect(whyNotEarlier(problem, { a: 1000 }, 'a')).toEqual([
    { task: 'a', start: 1000, hold: { kind: 'choice', from: 0 }, wantedAt: null },
  ])
})

it('every chain ends, and every link of it is tight', () => {
  for (let seed = 1; seed < 12; seed++) {
    const problem = generate(seed, { tasks: 14 })
    const { starts } = solve(problem, { steps: 5000 })
    for (const { id } of problem.tasks ?? []) {
      const chain = whyNotEarlier(problem, starts, id)
      expect(chain[0]?.task).toBe(id)
      for (const link of chain)
        if (link.wantedAt !== null) expect(link.wantedAt).toBeLessThan(link.start)
    }
  }
})

it('a task that is not there is a mistake of the caller', () => {
  expect(() => whyNotEarlier(BASE, {}, 'x')).toThrow('no task "x"')
})
