import { batchesOf } from './batches'
import type { PlannedTask } from './tasks'

const MINUTE = 60_000
const EVENING = { from: 0, to: 180 * MINUTE }
const NEXT = { from: 1440 * MINUTE, to: 1620 * MINUTE }

type Given = [part: string, run: string, minute: number, more?: Partial<PlannedTask>]

/** Ids of the runs, as `part run` of their first task, by `part run`. */
function runs(given: readonly Given[]): Record<string, string> {
  const tasks = given.map(([part, run, minute, more]) => ({
    id: `${part} ${run}`,
    build: 'x',
    part,
    step: run,
    coat: 1,
    minutes: 5,
    run,
    job: `${part} ${run}`,
    start: minute * MINUTE,
    ...more,
  }))
  return Object.fromEntries(batchesOf(tasks, [EVENING, NEXT]))
}

const WHITE = { setup: 'white' }
const RED = { setup: 'red' }

test.each<{ why: string; given: Given[]; found: Record<string, string> }>([
  {
    why: 'the same work on two parts is one run',
    given: [
      ['hull', 'prime', 0, WHITE],
      ['door', 'prime', 5, WHITE],
    ],
    found: { 'hull prime': 'hull prime', 'door prime': 'hull prime' },
  },
  {
    why: 'what is done to one part is none',
    given: [
      ['hull', 'prime', 0],
      ['door', 'base', 5],
    ],
    found: {},
  },
  {
    why: 'other work between doesn’t break it',
    given: [
      ['hull', 'mask', 0],
      ['door', 'line', 5],
      ['wing', 'mask', 10],
    ],
    found: { 'hull mask': 'hull mask', 'wing mask': 'hull mask' },
  },
  {
    why: 'another paint in the airbrush does',
    given: [
      ['hull', 'base', 0, WHITE],
      ['wing', 'stripe', 20, RED],
      ['door', 'base', 40, WHITE],
    ],
    found: {},
  },
  {
    why: 'another evening is another run',
    given: [
      ['hull', 'prime', 0, WHITE],
      ['door', 'prime', 1450, WHITE],
    ],
    found: {},
  },
  {
    why: 'a joint act is one anyway',
    given: [
      ['hull', 'assemble', 0, { joint: true }],
      ['door', 'assemble', 0, { joint: true }],
    ],
    found: {},
  },
])('$why', ({ given, found }) => {
  expect(runs(given)).toEqual(found)
})
