import { mustMove } from './mustMove'
import type { BenchProblem } from './problem'

const PROBLEM: BenchProblem = {
  format: 'tectoria-bench-problem',
  version: 1,
  horizonMinutes: 1000,
  availability: [
    [0, 100],
    [500, 600],
  ],
  tasks: [
    { id: 'a', minutes: 10 },
    { id: 'b', minutes: 10, earliest: 20, latest: 540, closed: [[60, 80]] },
  ],
  links: [{ from: 'a', to: 'b', minGap: 5, maxGap: 400 }],
}

test.each([
  { why: 'all as it was', starts: { a: 0, b: 20 }, moved: [] },
  { why: 'it may not begin yet', starts: { a: 0, b: 19 }, moved: ['b'] },
  { why: 'it had to have begun', starts: { a: 200, b: 541 }, moved: ['a', 'b'] },
  { why: 'up to the closed hours', starts: { a: 0, b: 50 }, moved: [] },
  { why: 'into them', starts: { a: 0, b: 51 }, moved: ['b'] },
  { why: 'from the end of the closed hours on', starts: { a: 0, b: 80 }, moved: [] },
  { why: 'past the end of its session', starts: { a: 0, b: 91 }, moved: ['b'] },
  { why: 'a wait that is too short now', starts: { a: 10, b: 24 }, moved: ['b'] },
  { why: 'a window that has closed', starts: { a: 0, b: 500 }, moved: ['b'] },
  { why: 'one that wasn’t planned', starts: { b: 20 }, moved: [] },
])('$why', ({ starts, moved }) => {
  expect([...mustMove(PROBLEM, starts as Record<string, number>)]).toEqual(moved)
})
