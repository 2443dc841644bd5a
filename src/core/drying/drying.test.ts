import fc from 'fast-check'
import { DRYING, WETNESS } from '../knowledge/drying'
import type { Climate } from '../model/climate'
import { COATS, FAMILIES, MILESTONES } from '../model/vocabulary'
import { resolveStep } from '../stack/state/resolvedStep'
import { humidityFactor, temperatureFactor } from './airFactors'
import {
  type ClockPoint,
  clockMinutes,
  type DryingFilm,
  progress,
  reachedAt,
  referenceMinutes,
  reworkOf,
} from './clock'
import { dewPoint } from './dewPoint'
import { retarderFactor, wetnessFactor } from './factors'
import { limitBreaches } from './limits'
import type { ClimateSeries } from './series'

const ROOM: Climate = { celsius: 20, humidity: 50, air: 'room' }

function film(more: Partial<DryingFilm> = {}): DryingFilm {
  return {
    clock: 'water-acrylic-airbrushed',
    family: 'water-acrylic',
    waterBorne: true,
    coats: ['light'],
    retarder: 0,
    correction: 1,
    ...more,
  }
}

describe('temperature, handbook 3.2', () => {
  test.each([
    { process: 'evaporation', celsius: 20, factor: 1, why: 'the reference' },
    { process: 'evaporation', celsius: 5, factor: 1.964, why: 'about twice for 15 °C' },
    { process: 'evaporation', celsius: 35, factor: 0.509, why: 'as much warmer, about half' },
    { process: 'chemical', celsius: 10, factor: 2, why: 'the rate doubles every 10 °C' },
    { process: 'chemical', celsius: 30, factor: 0.5, why: 'and so the time halves' },
    { process: 'coalescence', celsius: 10, factor: 1.784, why: 'the mean of the two' },
  ] as const)('$process at $celsius °C: $why', ({ process, celsius, factor }) => {
    expect(temperatureFactor(process, celsius)).toBeCloseTo(factor, 3)
  })

  it('refuses what is no number', () => {
    expect(() => temperatureFactor('chemical', Number.NaN)).toThrow('celsius is NaN')
  })
})

test.each([
  { water: true, humidity: 50, factor: 1 },
  { water: true, humidity: 75, factor: 2 },
  { water: true, humidity: 0, factor: 0.5 },
  { water: true, humidity: 99, factor: 6 },
  { water: true, humidity: 100, factor: 6 },
  { water: false, humidity: 99, factor: 1 },
])('humidity $humidity %, water-borne $water: $factor', ({ water, humidity, factor }) => {
  expect(humidityFactor(water, humidity)).toBeCloseTo(factor, 9)
})

test.each([
  { coats: ['mist'], stage: 'surface', factor: 0.5, why: 'the last coat' },
  { coats: ['wet', 'mist'], stage: 'surface', factor: 0.5, why: 'the last coat alone' },
  { coats: ['wet', 'mist'], stage: 'depth', factor: 1.7 * 1.15, why: 'the heaviest, two of them' },
  { coats: ['flood'], stage: 'surface', factor: 3, why: 'brush-thick' },
  { coats: ['flood'], stage: 'depth', factor: 9, why: 'through depth is diffusion' },
  { coats: Array(9).fill('light'), stage: 'depth', factor: 1.75, why: 'six are counted' },
] as const)('wetness of $coats, $stage: $why', ({ coats, stage, factor }) => {
  expect(wetnessFactor(coats, stage, WETNESS.face)).toBeCloseTo(factor, 9)
})

it('a film without coats is a misuse', () => {
  expect(() => wetnessFactor([], 'depth', WETNESS.face)).toThrow(RangeError)
})

test.each([
  { process: 'evaporation', percent: 5, factor: 1.3 },
  { process: 'chemical', percent: 5, factor: 1 },
] as const)('retarder $percent %, $process: $factor', ({ process, percent, factor }) => {
  expect(retarderFactor(process, percent)).toBeCloseTo(factor, 9)
})

describe('milestones', () => {
  test.each([
    { clock: 'metal-enamel', point: 'sand', minutes: 72 * 60, why: 'a dash falls back to cured' },
    { clock: 'release', point: 'tape', minutes: 20, why: 'else to recoat' },
    { clock: 'enamel-wash', point: 'flash', minutes: 40, why: 'for flash to touch' },
    { clock: 'watercolour', point: 'recoat', minutes: null, why: 'never: seal it' },
    { clock: 'watercolour', point: 'workTo', minutes: Number.POSITIVE_INFINITY, why: 'for ever' },
    { clock: 'lacquer-colour', point: 'latest', minutes: null, why: 'never closes' },
  ] as const)('$clock, $point: $why', ({ clock, point, minutes }) => {
    expect(referenceMinutes(film({ clock }), point)).toBe(minutes)
  })

  it('a product’s sheet wins, and scales the same way', () => {
    const sheet = film({ product: { touch: '1 h' } })
    expect(clockMinutes(sheet, 'touch', { ...ROOM, celsius: 5 })).toBeCloseTo(60 * 1.964, 1)
  })

  it('a cured figure of the sheet is what a dash falls back to', () => {
    const sheet = film({
      clock: 'metal-enamel',
      family: 'metal-enamel',
      product: { cured: '10 h' },
    })
    expect(referenceMinutes(sheet, 'sand')).toBe(600)
  })

  test.each([
    { air: 'still', factor: 1.4 },
    { air: 'fan', factor: 0.8 },
    { air: 'forced', factor: 1 },
  ] as const)('air $air: $factor', ({ air, factor }) => {
    expect(clockMinutes(film(), 'touch', { ...ROOM, air })).toBeCloseTo(20 * factor, 9)
  })

  it('the modeller’s own correction multiplies it', () => {
    expect(clockMinutes(film({ correction: 1.5 }), 'recoat', ROOM)).toBeCloseTo(90, 9)
  })

  test.each([
    { factor: 2, point: 'flash', times: 1, why: 'slower: not what was there before' },
    { factor: 2, point: 'touch', times: 2, why: 'slower: what was looked at' },
    { factor: 2, point: 'recoat', times: 2, why: 'slower: and what comes after it' },
    { factor: 0.5, point: 'flash', times: 0.5, why: 'quicker: what was there before' },
    { factor: 0.5, point: 'touch', times: 0.5, why: 'quicker: what was looked at' },
    { factor: 0.5, point: 'recoat', times: 1, why: 'quicker: nothing of what comes after it' },
  ] as const)('seen at touch, $why', ({ factor, point, times }) => {
    const seen = clockMinutes(film({ pace: { point: 'touch', factor } }), point, ROOM)
    expect(seen).toBeCloseTo((clockMinutes(film(), point, ROOM) as number) * times, 9)
  })

  it('heavy coats stretch what one waits for, and no window; thin ones close it sooner', () => {
    const enamel = { clock: 'metal-enamel', family: 'metal-enamel' } as const
    const ofCoats = (coats: DryingFilm['coats'], point: ClockPoint) =>
      clockMinutes(film({ ...enamel, coats, product: { latest: '10 h' } }), point, ROOM) as number
    expect(ofCoats(['wet', 'wet'], 'recoat')).toBeGreaterThan(ofCoats(['light'], 'recoat'))
    expect(ofCoats(['wet', 'wet'], 'latest')).toBe(600)
    expect(ofCoats(['mist'], 'latest')).toBeLessThan(600)
  })

  test.each([
    { warmAir: 0, saved: 0, why: 'none' },
    { warmAir: 10, saved: 15, why: 'half a cycle' },
    { warmAir: 20, saved: 30, why: 'a cycle' },
    { warmAir: 400, saved: 40, why: 'no more than its share of the recoat time' },
  ])('warm air, $why', ({ warmAir, saved }) => {
    const cold = clockMinutes(film(), 'cured', ROOM) as number
    expect(cold - (clockMinutes(film({ warmAir }), 'cured', ROOM) as number)).toBeCloseTo(saved, 9)
  })

  test.each([
    { product: { reworkMinutes: 20 }, reworkHours: 2, minutes: 20 },
    { product: {}, reworkHours: 2, minutes: 120 },
    { product: {}, reworkHours: undefined, minutes: null },
  ])('it can be worked for $minutes min', ({ minutes, ...said }) => {
    expect(reworkOf(film(said as Partial<DryingFilm>))).toBe(minutes)
  })

  it('every row of the table is in order as far as it goes', () => {
    for (const row of Object.values(DRYING)) {
      const times = [row.flash, row.touch, row.recoat].filter((time) => time !== null)
      expect(times).toEqual([...times].sort((a, b) => a - b))
    }
  })
})

const climates = fc.record({
  celsius: fc.double({ min: 0, max: 40, noNaN: true }),
  humidity: fc.double({ min: 5, max: 95, noNaN: true }),
  air: fc.constantFrom('room', 'still', 'fan' as const),
}) as fc.Arbitrary<Climate>

/** Every family as a step lays it. */
const films = fc
  .record({
    family: fc.constantFrom(...FAMILIES.slice(0, 18)),
    coats: fc.array(fc.constantFrom(...COATS), { minLength: 1, maxLength: 4 }),
    retarder: fc.double({ min: 0, max: 10, noNaN: true }),
  })
  .map(({ family, coats, retarder }) => {
    const { drying } = resolveStep({ do: 'base', family, coats, retarder, tool: 'airbrush' }, null)
    if (!drying) throw new Error(family)
    return drying
  })

// Handbook 2.3: a paste is what it is thinned with, a paint what it is made of.
test.each([
  { family: 'texture', solvent: undefined, waterBorne: true },
  { family: 'texture', solvent: 'spirit-mild', waterBorne: false },
  { family: 'water-acrylic', solvent: 'spirit-mild', waterBorne: true },
  { family: 'enamel', solvent: undefined, waterBorne: false },
] as const)('$family with $solvent: damp air holds it back, $waterBorne', (row) => {
  const { family, solvent } = row
  const { drying } = resolveStep({ do: 'base', family, ...(solvent ? { solvent } : {}) }, null)
  expect(drying?.waterBorne).toBe(row.waterBorne)
})

const points = fc.constantFrom<ClockPoint>(...MILESTONES)
const SEED = { seed: 20260317, numRuns: 300 }

describe('properties', () => {
  it('colder is never faster', () => {
    fc.assert(
      fc.property(
        films,
        points,
        climates,
        fc.double({ min: 0, max: 20, noNaN: true }),
        (one, point, climate, colder) => {
          const warm = clockMinutes(one, point, climate)
          const cold = clockMinutes(one, point, { ...climate, celsius: climate.celsius - colder })
          expect(cold ?? 0).toBeGreaterThanOrEqual((warm ?? 0) * (1 - 1e-12))
        },
      ),
      SEED,
    )
  })

  it('damper is never faster for water-borne films, and the same for the others', () => {
    fc.assert(
      fc.property(films, points, climates, (one, point, climate) => {
        const dry = clockMinutes(one, point, climate) ?? 0
        const damp = clockMinutes(one, point, { ...climate, humidity: climate.humidity + 5 }) ?? 0
        if (one.waterBorne) expect(damp).toBeGreaterThanOrEqual(dry * (1 - 1e-12))
        else expect(damp).toBe(dry)
      }),
      SEED,
    )
  })

  it('a constant climate gives the closed form', () => {
    fc.assert(
      fc.property(films, points, climates, (one, point, climate) => {
        const total = clockMinutes(one, point, climate)
        fc.pre(total !== null && total > 0)
        const series: ClimateSeries = [{ from: 0, climate }]
        expect(reachedAt(one, point, 100, series)).toBeCloseTo(100 + total, 6)
        expect(progress(one, point, 100, 100 + total / 3, series)).toBeCloseTo(1 / 3, 9)
      }),
      SEED,
    )
  })

  it('the integral is additive, and reaches 1 when the point is reached', () => {
    fc.assert(
      fc.property(
        films,
        points,
        climates,
        climates,
        fc.integer({ min: 1, max: 4000 }),
        (one, point, a, b, change) => {
          const series: ClimateSeries = [
            { from: 0, climate: a },
            { from: change, climate: b },
          ]
          const at = reachedAt(one, point, 0, series)
          fc.pre(at !== null && at > 0 && Number.isFinite(at))
          expect(progress(one, point, 0, at, series)).toBeCloseTo(1, 6)
          const half = at / 2
          const first = progress(one, point, 0, half, series) ?? 0
          const second = (progress(one, point, 0, at, series) ?? 0) - first
          const rest = progress(one, point, half, at, series) ?? 0
          expect(second).toBeCloseTo(rest, 6)
        },
      ),
      SEED,
    )
  })
})

describe('a cold night', () => {
  const series: ClimateSeries = [
    { from: 0, climate: ROOM },
    { from: 60, climate: { ...ROOM, celsius: 10 } },
  ]
  it('lacquer to its 120 min of recoat: 60 at 20 °C, 60 · 1.568 at 10 °C', () => {
    const lacquer = film({ clock: 'lacquer-clear', family: 'lacquer', waterBorne: false })
    expect(reachedAt(lacquer, 'recoat', 0, series)).toBeCloseTo(60 + 60 * Math.exp(0.45), 6)
    expect(progress(lacquer, 'recoat', 0, 60, series)).toBeCloseTo(0.5, 9)
  })
  it('laid after the change it knows only the cold', () => {
    expect(reachedAt(film(), 'touch', 200, series)).toBeCloseTo(200 + 20 * Math.exp(0.45), 6)
  })
  it.each([50, 500])('before it is laid, at minute %d, it has come nowhere', (laid) => {
    expect(progress(film(), 'touch', laid, laid - 40, series)).toBe(0)
  })
  it('what never comes, never comes', () => {
    const wash = film({ clock: 'watercolour', family: 'watercolour' })
    expect(reachedAt(wash, 'recoat', 0, series)).toBeNull()
    expect(progress(wash, 'recoat', 0, 500, series)).toBeNull()
    expect(reachedAt(wash, 'workTo', 0, series)).toBe(Number.POSITIVE_INFINITY)
    expect(progress(wash, 'workTo', 0, 500, series)).toBe(0)
  })
  it('a series without pieces is a misuse', () => {
    expect(() => reachedAt(film(), 'touch', 0, [])).toThrow(RangeError)
  })
})

test.each([
  { celsius: 20, humidity: 50, dew: 9.3 },
  { celsius: 25, humidity: 80, dew: 21.3 },
  { celsius: 10, humidity: 100, dew: 10 },
])('dew point at $celsius °C and $humidity %', ({ celsius, humidity, dew }) => {
  expect(dewPoint(celsius, humidity)).toBeCloseTo(dew, 1)
})

test.each([
  { above: 2, stop: true },
  { above: 4, stop: false },
])('a part $above °C above the dew point: water on it $stop', ({ above, stop }) => {
  const partCelsius = dewPoint(20, 50) + above
  const work = { family: 'lacquer', role: null, tool: 'airbrush', retarder: 0 } as const
  const breaches = limitBreaches(work, { ...ROOM, partCelsius })
  expect(breaches.map(({ rule }) => rule)).toEqual(stop ? ['too-damp'] : [])
})

it('perfectly dry air has no dew point', () => {
  expect(dewPoint(20, 0)).toBe(Number.NEGATIVE_INFINITY)
})

test.each([
  { family: 'water-acrylic', celsius: 7.9, humidity: 50, told: ['too-cold stop'] },
  { family: 'water-acrylic', celsius: 8, humidity: 50, told: ['too-cold risk'] },
  { family: 'water-acrylic', celsius: 11.9, humidity: 50, told: ['too-cold note'] },
  { family: 'water-acrylic', celsius: 20, humidity: 81, told: ['too-damp risk'] },
  { family: 'urethane-2k', celsius: 14, humidity: 71, told: ['too-cold risk', 'too-damp risk'] },
  { family: 'lacquer', celsius: 20, humidity: 75, told: [] },
  { family: 'lacquer', celsius: 31, humidity: 86, told: ['too-hot risk', 'too-damp stop'] },
  { family: 'enamel', celsius: 5, humidity: 90, told: [] },
] as const)(
  'limits of $family at $celsius °C, $humidity %',
  ({ family, celsius, humidity, told }) => {
    const work = { family, role: 'colour', tool: 'airbrush', retarder: 0 } as const
    const found = limitBreaches(work, { celsius, humidity, air: 'room' })
    expect(found.map(({ rule, severity }) => `${rule} ${severity}`)).toEqual([...told])
  },
)
