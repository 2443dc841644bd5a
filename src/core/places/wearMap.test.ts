import fc from 'fast-check'
import { WEAR_EFFECTS, WEAR_EVENT_TABLE, WEAR_TABLE, type WearEffect } from '../knowledge/wearMap'
import { ZONE_FACINGS } from '../model/shape'
import { SCHOOLS, WEAR_EVENTS, WEARS } from '../model/vocabulary'
import { type WearProblem, type WornZone, wearBudget, wearMap, wearScore } from './wearMap'

const ZONE: WornZone = {
  id: 'z',
  areaCm2: 20,
  facing: 'side',
  height: 1,
  edgeShare: 0,
  wear: [],
  iron: true,
  diameters: 1,
  turned: 0,
}
const RAIN = [{ event: 'rain', zone: null, strength: 0.01 }] as const

describe('the score before the story', () => {
  test.each([
    ['chips', { edgeShare: 0.3, wear: ['leading'] }, 0.58],
    ['chips', { edgeShare: 0.3, wear: ['held', 'walked-on'] }, 0.58],
    ['rust', { height: 0.5, edgeShare: 0.5, wear: ['trap'] }, 0.75],
    ['rust', { height: 0, wear: ['trap'], iron: false }, 0],
    ['streaks', { wear: ['under-leak'] }, 1],
    ['streaks', { facing: 'front' }, 0.5],
    ['streaks', { facing: 'up' }, 0],
    ['dust', { facing: 'up', height: 0.25 }, 0.9],
    ['mud', { height: 0.18 }, 1],
    ['mud', { height: 0.315 }, 0.5],
    ['mud', { height: 0.45 }, 0],
    ['soot', { wear: ['behind-exhaust'], diameters: 2 }, 0.25],
    ['soot', { wear: ['behind-exhaust'], diameters: 0.2 }, 1],
    ['fading', { facing: 'up' }, 1],
    ['fading', { facing: 'up', wear: ['sheltered'] }, 0],
    ['grease', { wear: ['joint'] }, 1],
    ['mould', { wear: ['trap', 'sheltered'] }, 0],
    ['mould', { wear: ['trap'] }, 0],
  ] as [WearEffect, Partial<WornZone>, number][])('%s on %j is %d', (effect, zone, score) => {
    expect(wearScore(effect, { ...ZONE, ...zone }, [])).toBeCloseTo(score, 9)
  })

  it('mould is there where the story is damp', () => {
    const zone: WornZone = { ...ZONE, wear: ['trap', 'sheltered'] }
    expect(wearScore('mould', zone, RAIN)).toBeCloseTo(1, 9)
  })
})

describe('a story', () => {
  test.each(WEAR_EVENTS.map((event) => ({ event })))(
    '$event raises something where it was',
    ({ event }) => {
      const story = [{ event, zone: 'z', strength: 1 }]
      const raised = WEAR_EFFECTS.filter(
        (effect) => wearScore(effect, ZONE, story) > wearScore(effect, ZONE, []),
      )
      expect(raised.length).toBeGreaterThan(0)
      expect(wearScore('chips', { ...ZONE, id: 'other' }, story)).toBe(wearScore('chips', ZONE, []))
    },
  )

  it('is told as the cause where it brings most', () => {
    const story = [
      { event: 'gravel-road', zone: null, strength: 0.5 },
      { event: 'towed', zone: 'z', strength: 0.8 },
    ] as const
    const map = wearMap({ scale: 72, seed: 1, zones: [ZONE], story, chipContrast: null })
    const causeOf = (effect: WearEffect) =>
      map.zones[0]?.effects.find((one) => one.effect === effect)?.cause
    expect(causeOf('chips')).toBe(WEAR_EVENT_TABLE.towed.say)
    expect(causeOf('dust')).toBe(WEAR_EVENT_TABLE['gravel-road'].say)
    expect(causeOf('rust')).toBe(WEAR_TABLE.rust.cause)
  })
})

it('the more chips stand out, the fewer there may be', () => {
  const most = (chipContrast: number, wear?: 'restrained' | 'bold') =>
    wearBudget('chips', { chipContrast, wear })
  expect(most(9)).toBeCloseTo(0.11, 9)
  expect(most(38)).toBeCloseTo(0.025, 9)
  expect([most(2), most(90)]).toEqual([most(9), most(38)])
  expect(most(22)).toBeCloseTo(0.0442, 4)
  expect(most(22, 'restrained')).toBeCloseTo(0.0221, 4)
  expect(most(9, 'bold')).toBeCloseTo(0.176, 9)
})

it('water falls another way over a part that is turned on the model', () => {
  const ways = [0, 90, -90].map(
    (turned) =>
      wearMap({
        scale: 72,
        seed: 1,
        zones: [{ ...ZONE, turned }],
        story: [],
        chipContrast: null,
      }).zones[0]?.effects.find(({ effect }) => effect === 'streaks')?.direction,
  )
  expect(ways).toEqual([90, 0, 180])
})

const problems: fc.Arbitrary<WearProblem> = fc.record({
  scale: fc.integer({ min: 1, max: 700 }),
  seed: fc.integer(),
  wear: fc.option(fc.constantFrom(...SCHOOLS.wear), { nil: undefined }),
  zones: fc
    .array(
      fc.record({
        areaCm2: fc.double({ min: 0.1, max: 400, noNaN: true }),
        facing: fc.constantFrom(...ZONE_FACINGS),
        height: fc.double({ min: 0, max: 1, noNaN: true }),
        edgeShare: fc.double({ min: 0, max: 1, noNaN: true }),
        wear: fc.uniqueArray(fc.constantFrom(...WEARS)),
        iron: fc.boolean(),
        diameters: fc.double({ min: 0, max: 9, noNaN: true }),
        turned: fc.integer({ min: -360, max: 360 }),
      }),
      { minLength: 1, maxLength: 8 },
    )
    .map((zones) => zones.map((zone, i) => ({ ...zone, id: `z${i}` }))),
  story: fc.array(
    fc.record({
      event: fc.constantFrom(...WEAR_EVENTS),
      zone: fc.option(fc.constantFrom('z0', 'z1', 'z2')),
      strength: fc.double({ min: 0, max: 1, noNaN: true }),
    }),
    { maxLength: 8 },
  ),
  chipContrast: fc.option(fc.double({ min: 0.1, max: 120, noNaN: true })),
})

it('a map is the same each time, within its budgets, and its marks cover its share', () => {
  fc.assert(
    fc.property(problems, (problem) => {
      const map = wearMap(problem)
      expect(wearMap(structuredClone(problem))).toEqual(map)
      for (const { allowed, planned } of map.budgets)
        expect(planned).toBeLessThanOrEqual(allowed + 1e-12)
      map.zones.forEach(({ effects }, i) => {
        const mm2 = (problem.zones[i]?.areaCm2 ?? 0) * 100
        for (const { effect, score, share, count, medianMm, medianMmReal, direction } of effects) {
          expect(score).toBeGreaterThanOrEqual(0)
          expect(score).toBeLessThanOrEqual(1)
          expect(direction).toBeGreaterThanOrEqual(0)
          expect(direction).toBeLessThan(360)
          if (count === null || medianMm === null || medianMmReal === null) continue
          expect(medianMm * problem.scale).toBeCloseTo(medianMmReal, 6)
          const { wide } = WEAR_TABLE[effect].mark ?? {}
          const mark =
            wide === undefined
              ? (Math.PI / 2) * medianMm ** 2
              : medianMm * Math.max(0.05, wide / problem.scale)
          expect((count * mark) / mm2).toBeCloseTo(share, 9)
        }
      })
    }),
    { seed: 12, numRuns: 300 },
  )
})

it('more of a story never makes less of anything', () => {
  fc.assert(
    fc.property(problems, fc.constantFrom(...WEAR_EVENTS), (problem, event) => {
      const story = [...problem.story, { event, zone: null, strength: 1 }]
      for (const zone of problem.zones)
        for (const effect of WEAR_EFFECTS)
          expect(wearScore(effect, zone, story)).toBeGreaterThanOrEqual(
            wearScore(effect, zone, problem.story),
          )
    }),
    { seed: 12, numRuns: 200 },
  )
})
