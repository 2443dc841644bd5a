import fc from 'fast-check'
import type { Interval } from '../problem'
import { Domain, holesOf, sittingSteps } from './domain'
import { Engine, type Holes } from './engine'

const PLAIN: Holes = { snap: (_, value) => value, lift: (_, value) => value }

const OPENINGS: Interval[] = [
  [0, 4],
  [6, 9],
  [12, 20],
]

/** An engine of numbers from 0 to 20, and of yes/no variables after them. */
function engineOf(numbers: number, flags: number, holes: Holes = PLAIN): Engine {
  const initial = new Int32Array(2 * (numbers + flags))
  for (let i = 0; i < numbers; i++) initial[2 * i + 1] = -20
  for (let i = numbers; i < numbers + flags; i++) initial[2 * i + 1] = -1
  return new Engine(numbers + flags, initial, 2 * numbers, holes, sittingSteps(OPENINGS), null)
}

/** y ≥ x + gap, both ways; where a flag is said, only if it is 1. */
function link(engine: Engine, x: number, y: number, gap: number, when = -1): void {
  engine.addArc(2 * x, 2 * y, gap, when)
  engine.addArc(2 * y + 1, 2 * x + 1, gap, when)
}

describe('bounds', () => {
  it('follow arcs up and down', () => {
    const engine = engineOf(2, 0)
    link(engine, 0, 1, 5)
    expect(engine.propagate()).toBe(true)
    expect([engine.bound[2], -(engine.bound[1] as number)]).toEqual([5, 15])
  })

  it('a cycle that grows has no solution', () => {
    const engine = engineOf(2, 0)
    link(engine, 0, 1, 5)
    link(engine, 1, 0, -4)
    expect(engine.propagate()).toBe(false)
    expect(engine.learn()).toBe(false)
  })

  it('leap over what is not allowed, and come back with what is taken back', () => {
    const domain = new Domain([
      [0, 3],
      [9, 20],
    ])
    const engine = engineOf(1, 1, holesOf([domain]))
    engine.propagate()
    engine.decide(0, 4)
    expect(engine.propagate()).toBe(true)
    expect(engine.bound[0]).toBe(9)
    engine.backTo(0)
    expect(engine.bound[0]).toBe(0)
  })
})

it('an order that can not be is denied, and its other side holds', () => {
  // x and y of 8 each within 0 … 20, x at 10 at the earliest: y comes first.
  const engine = engineOf(2, 1)
  link(engine, 0, 1, 11, 4)
  link(engine, 1, 0, 8, 5)
  engine.propagate()
  engine.decide(0, 10)
  expect(engine.propagate()).toBe(true)
  expect(engine.holds(5, 0)).toBe(true)
  expect(-(engine.bound[3] as number)).toBe(12)
})

it('a conflict is learned from: what was tried is not tried again', () => {
  // Three of 8 in 20 can not follow one another in any order.
  const engine = engineOf(3, 3)
  const pairs = [
    [0, 1],
    [0, 2],
    [1, 2],
  ] as const
  pairs.forEach(([a, b], i) => {
    link(engine, a, b, 8, 2 * (3 + i))
    link(engine, b, a, 8, 2 * (3 + i) + 1)
  })
  const limit = (task: number) => engine.decide(2 * task + 1, -12)
  engine.propagate()
  for (let task = 0; task < 3; task++) {
    limit(task)
    engine.propagate()
  }
  let conflicts = 0
  let solved = true
  for (;;) {
    if (!engine.propagate()) {
      conflicts += 1
      if (!engine.learn()) break
      continue
    }
    const open = [6, 8, 10].find((key) => !engine.holds(key, 1) && !engine.fails(key, 1))
    if (open === undefined) break
    engine.decide(open, 1)
    solved = conflicts < 20
  }
  expect(solved).toBe(true)
  expect(conflicts).toBeGreaterThan(0)
})

const ranges = fc
  .array(fc.tuple(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 0, max: 9 })), {
    minLength: 1,
    maxLength: 6,
  })
  .map((steps) => {
    let at = 0
    return steps.map(([gap, length]): [number, number] => {
      const from = at + gap + 1
      at = from + length
      return [from, at]
    })
  })

it('the loosest bound says the same as the bound, of every domain', () => {
  fc.assert(
    fc.property(ranges, fc.integer({ min: 0, max: 100 }), (list, minute) => {
      const domain = new Domain(list)
      const allowed = Array.from({ length: 160 }, (_, m) => m).filter((m) =>
        list.some(([a, b]) => a <= m && m <= b),
      )
      expect(domain.next(minute)).toBe(allowed.find((m) => m >= minute) ?? Number.POSITIVE_INFINITY)
      expect(domain.previous(minute)).toBe(
        allowed.findLast((m) => m <= minute) ?? Number.NEGATIVE_INFINITY,
      )
      const up = domain.loosenUp(minute)
      expect(allowed.filter((m) => m >= up)).toEqual(allowed.filter((m) => m >= minute))
      // One less would say less, where there is anything below to say.
      if (allowed.some((m) => m < minute))
        expect(allowed.filter((m) => m >= up - 1)).not.toEqual(allowed.filter((m) => m >= minute))
      const down = domain.loosenDown(minute)
      expect(allowed.filter((m) => m <= down)).toEqual(allowed.filter((m) => m <= minute))
    }),
    { seed: 11 },
  )
})
