import fc from 'fast-check'
import { type PrimerProblem, primerPlan, sprayShare } from './primerPlan'

test.each([
  ['down', -60, 0.866],
  ['side', -60, 0.5],
  ['front', -60, 0.5],
  ['up', -60, 0],
  ['up', 90, 1],
  ['side', 90, 0],
  ['down', 30, 0],
  ['inside', 0, 0],
] as const)('%s, sprayed from %s°: %s of the film', (facing, elevation, share) => {
  expect(sprayShare(facing, elevation)).toBeCloseTo(share, 3)
})

const problem = (
  areas: readonly number[],
  coats: readonly (readonly number[])[],
): PrimerProblem => ({
  primers: coats[0]?.length ?? 0,
  zones: areas.map((areaCm2, i) => ({ id: `z${i}`, areaCm2 })),
  coats: (zone, primer) => coats[zone]?.[primer] ?? 0,
})

test.each([
  [
    'one primer for all where a flush costs more than it saves',
    [30, 30],
    [
      [2, 3],
      [3, 3],
    ],
    [0, 0],
    2 * 3.5 + 3 * 3.5,
  ],
  [
    'another where it saves coats',
    [120, 120],
    [
      [2, 6],
      [6, 2],
    ],
    [0, 1],
    2 * 5 + 2 * 5 + 6,
  ],
  [
    'three at most',
    [300, 300, 300, 300],
    [
      [1, 9, 9, 9],
      [9, 1, 9, 9],
      [9, 9, 1, 9],
      [9, 9, 2, 1],
    ],
    [0, 1, 2, 2],
    (1 + 1 + 1 + 2) * 8 + 12,
  ],
] as const)('%s', (_, areas, coats, by, minutes) => {
  const plan = primerPlan(problem(areas, coats))
  expect(plan?.by).toEqual(by)
  expect(plan?.minutes).toBeCloseTo(minutes, 6)
})

it('ranks every primer for a zone, and tells the best with others', () => {
  const plan = primerPlan(problem([60], [[4, 2, 3]]))
  expect(plan?.ranked).toEqual([
    [
      { primer: 1, coats: 2 },
      { primer: 2, coats: 3 },
      { primer: 0, coats: 4 },
    ],
  ])
  expect(plan?.second).toEqual({ by: [2], minutes: 12 })
})

test.each([
  ['no primer', problem([10], [[]])],
  ['no zone', problem([], [[1]])],
])('%s: nothing to choose', (_, of) => {
  expect(primerPlan({ ...of, primers: of.zones.length === 0 ? 1 : 0 })).toBeNull()
})

it('is never worse than any choice of three that is tried', () => {
  const cases = fc.record({
    areas: fc.array(fc.integer({ min: 1, max: 300 }), { minLength: 1, maxLength: 5 }),
    coats: fc.array(fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 4, maxLength: 4 }), {
      minLength: 5,
      maxLength: 5,
    }),
    tried: fc.array(fc.integer({ min: 0, max: 3 }), { minLength: 5, maxLength: 5 }),
  })
  fc.assert(
    fc.property(cases, ({ areas, coats, tried }) => {
      const by = areas.map((_, i) => tried[i] as number)
      fc.pre(new Set(by).size <= 3)
      const minutes =
        by.reduce((sum, p, z) => sum + (coats[z]?.[p] ?? 0) * (3 + (areas[z] ?? 0) / 60), 0) +
        6 * (new Set(by).size - 1)
      expect(primerPlan(problem(areas, coats))?.minutes).toBeLessThanOrEqual(minutes + 1e-9)
    }),
    { numRuns: 500, seed: 12 },
  )
})
