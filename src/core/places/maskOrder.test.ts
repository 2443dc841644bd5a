import fc from 'fast-check'
import { type MaskProblem, maskOrder, minutesOfOrder } from './maskOrder'

const SEED = 20261128

/** Every order of some things. */
function orders(count: number): number[][] {
  if (count === 0) return [[]]
  return orders(count - 1).flatMap((some) =>
    Array.from({ length: count }, (_, at) => some.toSpliced(at, 0, count - 1)),
  )
}

const problems = (most: number): fc.Arbitrary<MaskProblem> =>
  fc
    .record({
      colours: fc.integer({ min: 1, max: most }),
      zones: fc.array(
        fc.record({ colour: fc.nat(most - 1), areaCm2: fc.integer({ min: 1, max: 300 }) }),
        { minLength: 1, maxLength: 12 },
      ),
      edges: fc.array(
        fc.record({
          a: fc.nat(11),
          b: fc.nat(11),
          mm: fc.integer({ min: 0, max: 400 }),
          soft: fc.boolean(),
        }),
        { maxLength: 20 },
      ),
      coats: fc.array(fc.integer({ min: 1, max: 6 }), {
        minLength: most * (most + 1),
        maxLength: most * (most + 1),
      }),
    })
    .map(({ colours, zones, edges, coats }) => ({
      colours,
      zones: zones.map(({ colour, areaCm2 }, i) => ({
        id: `z${i}`,
        colour: colour % colours,
        areaCm2,
      })),
      edges: edges
        .map((edge) => ({ ...edge, a: edge.a % zones.length, b: edge.b % zones.length }))
        .filter(({ a, b }) => a !== b),
      coatsOver: (c, ground) => coats[c * (most + 1) + (ground ?? most)] as number,
    }))

describe('the order of colours', () => {
  it('is never worse than any that is tried, and the second is the best of the others', () => {
    fc.assert(
      fc.property(problems(5), (problem) => {
        const { order, minutes, second } = maskOrder(problem)
        const tried = orders(problem.colours).map((order) => ({
          order,
          minutes: minutesOfOrder(problem, order),
        }))
        const least = Math.min(...tried.map((one) => one.minutes))
        expect(minutes).toBeCloseTo(least, 2)
        expect(minutes).toBeCloseTo(minutesOfOrder(problem, order), 9)
        const equals = tried.filter((one) => one.minutes <= least + 0.001).map((one) => one.order)
        expect(order).toEqual(equals.sort((a, b) => (a.join() < b.join() ? -1 : 1))[0])
        const others = tried.filter((one) => one.order.join() !== order.join())
        expect(second === null).toBe(others.length === 0)
        if (second)
          expect(second.minutes).toBeCloseTo(Math.min(...others.map((one) => one.minutes)), 2)
      }),
      { seed: SEED, numRuns: 150 },
    )
  })

  it('stands beside every order of seven colours', () => {
    const tried = orders(7)
    fc.assert(
      fc.property(problems(7), (problem) => {
        if (problem.colours < 7) return
        const least = Math.min(...tried.map((order) => minutesOfOrder(problem, order)))
        expect(maskOrder(problem).minutes).toBeCloseTo(least, 2)
      }),
      { seed: SEED, numRuns: 12 },
    )
  })

  /** Four colours in seven areas: a body, its roof, three trims on the body, two windows between body and roof. */
  const SHIP: MaskProblem = {
    colours: 4,
    zones: [0, 1, 2, 2, 2, 3, 3].map((colour, i) => ({
      id: `z${i}`,
      colour,
      areaCm2: i === 0 ? 140 : 10,
    })),
    edges: [[0, 1, 210], ...[2, 3, 4].map((trim) => [0, trim, 40])]
      .concat([5, 6].flatMap((glass) => [0, 1].map((face) => [face, glass, 30])))
      .map(([a, b, mm]) => ({ a: a as number, b: b as number, mm: mm as number, soft: false })),
    coatsOver: () => 2,
  }

  it('four colours in seven areas take four maskings instead of seven', () => {
    // What lies on a face goes on last: then the face alone is masked, once for each colour.
    const { masks, order, minutes } = maskOrder(SHIP)
    expect([order, masks.length]).toEqual([[0, 1, 2, 3], 4])
    const areaByArea = minutesOfOrder(SHIP, [3, 2, 1, 0])
    expect(minutes).toBeLessThan(areaByArea)
  })

  it('a mask that the next colour needs as well stays on; a soft edge needs none', () => {
    const { masks } = maskOrder({
      colours: 3,
      zones: [0, 1, 2].map((colour, i) => ({ id: `z${i}`, colour, areaCm2: 20 })),
      edges: [
        { a: 0, b: 1, mm: 60, soft: false },
        { a: 0, b: 2, mm: 60, soft: false },
        { a: 1, b: 2, mm: 60, soft: true },
      ],
      coatsOver: (c) => (c === 0 ? 1 : 2),
    })
    expect(masks).toEqual([
      { colour: 1, zone: 0, mm: 60, minutes: 3, stays: true },
      { colour: 2, zone: 0, mm: 60, minutes: 3, stays: false },
    ])
  })

  it('refuses what it can’t put in order exactly', () => {
    expect(() => maskOrder({ ...SHIP, colours: 15 })).toThrow(RangeError)
  })
})
