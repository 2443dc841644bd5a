import fc from 'fast-check'
import { FAMILIES } from '../model/vocabulary'
import { additiveDrops } from './additives'
import {
  barOf,
  JOBS,
  nozzleWarning,
  pressureFor,
  psiOf,
  thinningAdvice,
  viscosityFactor,
} from './advice'
import { cleaningFor } from './cleaning'
import { correction, putRight, shareTogether, topUp } from './correct'
import { brushedVolume, lineVolume } from './coverage'
import { densityOf, massOf, volumeOf } from './mass'
import { mix } from './mix'
import { shapeArea } from './shapes'
import { pouredTwoPart, twoPartAmounts } from './twoPart'

const RUNS = { seed: 3, numRuns: 300 }
const share = fc.double({ min: 0, max: 1, noNaN: true })
const ml = fc.double({ min: 0.1, max: 50, noNaN: true })

describe('correcting a mix, handbook 4.3', () => {
  it('reaches its target whenever it says so, and says so whenever it can', () => {
    fc.assert(
      fc.property(ml, share, share, share, (volume, now, added, target) => {
        const found = correction({ ml: volume, share: now }, added, target)
        const between = (target - now) * (added - target) > 1e-6
        if (between) expect(found.kind).toBe('add')
        if (found.kind !== 'add') return
        const poured = [
          { ml: volume, share: now },
          { ml: found.ml, share: added },
        ]
        expect(shareTogether(poured)).toBeCloseTo(target, 6)
        expect(found.totalMl).toBeCloseTo(volume + found.ml, 9)
      }),
      RUNS,
    )
  })
  test.each([
    { now: 0.4, added: 1, target: 0.5, expected: { kind: 'add', ml: 1.2, totalMl: 7.2 } },
    { now: 0.6, added: 0, target: 0.5, expected: { kind: 'add', ml: 1.2, totalMl: 7.2 } },
    { now: 0.5, added: 0, target: 0.5, expected: { kind: 'right' } },
  ])('6 ml at $now with $added to $target', ({ now, added, target, expected }) => {
    const found = correction({ ml: 6, share: now }, added, target)
    expect(found.kind).toBe(expected.kind)
    if (found.kind === 'add' && expected.ml) expect(found.ml).toBeCloseTo(expected.ml, 9)
  })
  it('a drop is enough where little is missing', () => {
    const found = correction({ ml: 0.6, share: 1 }, 0, 0.9)
    expect(found).toMatchObject({ kind: 'add', ml: expect.closeTo(0.6 / 9, 9) })
  })
  test.each([
    { now: 0.3, added: 0.5, target: 0.7, because: 'neat paint', nearest: 0.5 },
    { now: 0.3, added: 0.1, target: 0.7, because: 'neat paint', nearest: 0.3 },
    { now: 0.7, added: 0.5, target: 0.3, because: 'thinner', nearest: 0.5 },
  ])(
    'says why $now never reaches $target with $added',
    ({ now, added, target, because, nearest }) => {
      const found = correction({ ml: 6, share: now }, added, target)
      expect(found).toMatchObject({ kind: 'never', nearest })
      if (found.kind === 'never') expect(found.because).toContain(because)
    },
  )

  it('a half-used cup is topped up to volume and share at once, with any two liquids', () => {
    const liquids = fc.oneof(fc.constant<[number, number]>([1, 0]), fc.tuple(share, share))
    fc.assert(
      fc.property(ml, share, share, ml, liquids, (left, now, target, more, [first, second]) => {
        fc.pre(Math.abs(first - second) > 0.01)
        const total = left + more
        const cup = { ml: left, share: now }
        const found = topUp(cup, first, second, target, total)
        if (found.kind === 'never') {
          // What is added has a share between the two: theirs alone is as far as it goes.
          const [thin, thick] = [first, second]
            .map((added) => shareTogether([cup, { ml: more, share: added }]))
            .sort((a, b) => a - b) as [number, number]
          expect(target > thin + 1e-6 && target < thick - 1e-6).toBe(false)
          if (found.leastMl === null) return
          const again = topUp(cup, first, second, target, found.leastMl + 1e-6)
          expect(found.leastMl > total - 1e-6 || again.kind === 'add').toBe(true)
          return
        }
        expect(Math.min(found.first, found.second)).toBeGreaterThanOrEqual(0)
        expect(found.first + found.second).toBeCloseTo(more, 6)
        const poured = [cup, { ml: found.first, share: first }, { ml: found.second, share: second }]
        expect(shareTogether(poured)).toBeCloseTo(target, 6)
      }),
      RUNS,
    )
  })
  test.each([
    [{ ml: 3, share: 0.5 }, 1, 0, 0.5, 2, 'more in the cup'],
    [{ ml: 3, share: 0.5 }, 0, 0, 0.5, 5, 'the same'],
    [{ ml: 3, share: 0.5 }, 0.8, 0.8, 0.7, 4, 'the same'],
    [{ ml: 3, share: 0.5 }, 0.4, 0.3, 0.8, 4, 'neither'],
    [{ ml: 3, share: 0.2 }, 1, 0, 0.8, 4, 'from 12.0 ml'],
  ])('%j with %d and %d to %d in %d ml never: %s', (now, first, second, target, total, because) => {
    const found = topUp(now, first, second, target, total)
    expect(found.kind === 'never' && found.because).toContain(because)
  })

  it('tells the least volume, or that there is none', () => {
    const found = topUp({ ml: 3, share: 0.2 }, 1, 0, 0.8, 4)
    expect(found.kind === 'never' && found.leastMl).toBeCloseTo(12, 9)
    expect(topUp({ ml: 3, share: 0.5 }, 0.4, 0.3, 0.8, 4)).toMatchObject({ leastMl: null })
  })

  it('two bottles of the same, where just that much of it is wanted', () => {
    // 3 ml at a half with 3 ml of thinner: a quarter.
    expect(topUp({ ml: 3, share: 0.5 }, 0, 0, 0.25, 6)).toEqual({
      kind: 'add',
      first: 3,
      second: 0,
    })
  })

  it('what was poured wrongly is the recipe again, with the least', () => {
    const parts = fc.array(fc.double({ min: 0.5, max: 10, noNaN: true }), {
      minLength: 2,
      maxLength: 5,
    })
    fc.assert(
      fc.property(parts, fc.infiniteStream(ml), (recipe, stream) => {
        const poured = recipe.map(() => stream.next().value)
        const add = putRight(recipe, poured)
        const scale = recipe.map((part, i) => ((poured[i] as number) + (add[i] as number)) / part)
        for (const value of scale) expect(value).toBeCloseTo(scale[0] as number, 6)
        expect(Math.min(...add)).toBeCloseTo(0, 9)
      }),
      RUNS,
    )
    expect(() => putRight([1, 0], [1, 1])).toThrow(RangeError)
  })
  it('nothing has no share', () => {
    expect(() => shareTogether([])).toThrow(RangeError)
  })
})

describe('two-part paint and mass, handbook 4.2', () => {
  const RATIO = {
    paint: 4,
    hardener: 1,
    by: 'volume',
    density: { paint: 1.25, hardener: 1.1 },
  } as const
  it('4 : 1 by volume of 10 ml', () => {
    expect(twoPartAmounts(RATIO, 10)).toEqual({
      paintMl: 8,
      hardenerMl: 2,
      paintGrams: 10,
      hardenerGrams: 2.2,
    })
  })
  it('by mass the grams are in the ratio', () => {
    const { paintGrams, hardenerGrams, paintMl, hardenerMl } = twoPartAmounts(
      { ...RATIO, by: 'mass' },
      10,
    )
    expect(paintGrams / hardenerGrams).toBeCloseTo(4, 9)
    expect(paintMl + hardenerMl).toBeCloseTo(10, 9)
  })
  test.each([
    [8, 2, 0, true, 0, 0],
    [8, 2.1, 5, true, 0.4, 0],
    [8, 2.2, 10, false, 0.8, 0],
    [8, 1.8, -10, false, 0, 0.2],
  ])('%d ml with %d ml is %d %% off', (paint, hardener, error, within, addPaint, addHardener) => {
    const poured = pouredTwoPart(RATIO, paint, hardener)
    expect(poured.errorPercent).toBeCloseTo(error, 6)
    expect(poured.within).toBe(within)
    expect(poured.addPaintMl).toBeCloseTo(addPaint, 6)
    expect(poured.addHardenerMl).toBeCloseTo(addHardener, 6)
  })
  it('a part of nothing is refused', () => {
    expect(() => twoPartAmounts({ ...RATIO, hardener: 0 }, 10)).toThrow(RangeError)
    expect(() => twoPartAmounts({ ...RATIO, paint: 0 }, 10)).toThrow(RangeError)
  })
  test.each([
    ['water-acrylic', 'colour', undefined, 1.2],
    ['lacquer', 'colour', undefined, 1],
    ['lacquer', 'metal', undefined, 1.3],
    ['urethane-2k', 'clear', undefined, 1],
    ['water-acrylic', 'thinner', undefined, 1],
    ['alcohol-acrylic', 'thinner', 'alcohol', 0.8],
    ['enamel', 'thinner', 'spirit-mild', 0.78],
    ['lacquer', 'thinner', undefined, 0.87],
  ] as const)('%s %s weighs what the table says', (family, role, solvent, density) => {
    expect(densityOf({ family, role, solvent })).toBe(density)
    expect(volumeOf(massOf(3, density), density)).toBeCloseTo(3, 12)
  })
})

describe('thinning advice, handbook 4.5', () => {
  it('colder asks for a point more for every three degrees', () => {
    const at = (celsius: number) => thinningAdvice('lacquer', 'colour', celsius)
    expect(at(20).share).toEqual([0.5, 0.6])
    expect(at(14).share?.[0]).toBeCloseTo(0.52, 9)
    expect(at(14).because[0]).toContain('16 % thicker')
    expect(at(14).because[0]).toContain('2 points more')
    expect(at(17).because[0]).toContain('a point more')
    expect(at(20).because).toEqual([])
  })
  test.each([
    { celsius: 20, say: null },
    { celsius: 18, say: 'At 18 °C it is 5 % thicker than at 20 °C: a point more thinner' },
    { celsius: 12, say: '3 points more thinner' },
  ])('at $celsius °C: $say', ({ celsius, say }) => {
    const { because } = thinningAdvice('lacquer', 'colour', celsius)
    if (say === null) expect(because).toEqual([])
    else expect(because[0]).toContain(say)
  })
  it('hotter asks for retarder, not for more thinner', () => {
    const { share: range, retarder } = thinningAdvice('alcohol-acrylic', 'colour', 28)
    expect(range).toEqual([0.4, 0.55])
    expect(retarder).toEqual([2, 5])
  })
  test.each([
    ['water-acrylic', 'colour', true, false],
    ['water-acrylic', 'brush', false, false],
    ['lacquer', 'brush', false, true],
    ['enamel', 'brush', false, false],
  ] as const)('%s for %s: flow aid %s, retarder %s', (family, job, flowAid, retarder) => {
    const advice = thinningAdvice(family, job, 20)
    expect(advice.flowAid).toBe(flowAid)
    expect(advice.retarder !== null).toBe(retarder)
  })
  it('decanted lacquer is thin already; what isn’t laid on so has no share', () => {
    expect(thinningAdvice('lacquer', 'colour', 20, true).share).toEqual([0.1, 0.25])
    expect(thinningAdvice('metal-enamel', 'clear', 20).share).toBeNull()
  })
  it('every family and job has advice within 0 and 1', () => {
    for (const family of FAMILIES)
      for (const job of JOBS)
        for (const celsius of [-5, 20, 40]) {
          const range = thinningAdvice(family, job, celsius).share
          if (range) expect(range[0] >= 0 && range[0] <= range[1] && range[1] < 1).toBe(true)
        }
  })
  it('viscosity: 2.5 % a degree for solvent paint, 2 % for water-borne', () => {
    expect(viscosityFactor('lacquer', 19)).toBeCloseTo(1.025, 9)
    expect(viscosityFactor('water-acrylic', 19)).toBeCloseTo(1.02, 9)
    expect(viscosityFactor('lacquer', 20)).toBe(1)
  })
  test.each([
    [0.2, 'colour', [0.8, 1.4]],
    [0.5, 'colour', [1.2, 2]],
    [0.3, 'primer', [1.2, 1.6]],
    [0.5, 'clear', [1.2, 1.6]],
    [0.3, 'mottle', [0.5, 0.9]],
  ] as const)('%d mm for %s: %j bar', (nozzle, job, bar) => {
    const pressure = pressureFor(nozzle, job)
    expect(pressure?.bar).toEqual(bar)
    expect(pressure?.psi.map(barOf)).toEqual(bar.map((value) => expect.closeTo(value, 9)))
  })
  it('a brush has no pressure; a fine nozzle clogs with metal', () => {
    expect(pressureFor(0.3, 'brush')).toBeNull()
    expect(psiOf(1)).toBe(14.504)
    expect(nozzleWarning(0.2, 'metal')).toContain('40 µm')
    expect(nozzleWarning(0.3, 'metal')).toBeNull()
  })
  test.each([
    ['flowAid', 10, 2, 4],
    ['retarder', 20, 4, 12],
  ] as const)('%s in %d ml: %d to %d drops', (additive, volume, from, to) => {
    expect(additiveDrops(additive, volume)).toEqual({ from, to })
  })
})

test.each([
  [{ kind: 'box', length: 10, width: 10, height: 10 }, 6],
  [{ kind: 'cylinder', diameter: 10, length: 10 }, (Math.PI * 10 * 15) / 100],
  [{ kind: 'cone', diameter: 6, height: 4 }, (Math.PI * 3 * 8) / 100],
  [{ kind: 'sphere', diameter: 10 }, Math.PI],
] as const)('%j has its area', (shape, area) => {
  expect(shapeArea(shape)).toBeCloseTo(area, 9)
})

it('volumes add up over coats and fills', () => {
  const coat = fc.constantFrom('mist', 'light', 'wet', 'clear-wet')
  fc.assert(
    fc.property(fc.array(coat, { minLength: 1, maxLength: 6 }), ml, (coats, cupMl) => {
      const made = mix({
        ingredients: [
          { name: 'paint', parts: 2 },
          { name: 'thinner', parts: 1 },
        ],
        area: 300,
        coats: coats as ['mist'],
        cupMl: cupMl + 1,
      })
      const sum = made.ingredients.reduce((all, ingredient) => all + ingredient.ml, 0)
      expect(sum).toBeCloseTo(made.totalMl, 9)
      expect(made.fillMl * made.fills).toBeCloseTo(made.totalMl, 9)
      expect(made.fillMl).toBeLessThanOrEqual(cupMl + 1 + 1e-6)
    }),
    RUNS,
  )
})

test.each([
  [
    'a filter over 100 cm², two passes',
    brushedVolume(100, 15, 2),
    (100 * 0.0015 * 2 * 1.15) / 0.95,
  ],
  ['two metres of line 0.2 × 0.3 mm', lineVolume(2, 0.2, 0.3), 2 * 0.06 * 2 * 1.15],
  ['no line', lineVolume(0, 0.2, 0.3), 0],
])('%s', (_, found, ml) => {
  expect(found).toBeCloseTo(ml, 12)
})

test.each([
  ['lacquer', 'lacquer-mild', 'lacquer-hot', false],
  ['water-acrylic', 'water', 'alcohol', false],
  ['enamel', 'spirit-mild', 'spirit-hot', false],
  ['urethane-2k', 'reducer-2k', 'lacquer-hot', true],
] as const)('%s is flushed with %s and cleaned out with %s', (family, flush, clean, sets) => {
  expect(cleaningFor(family)).toMatchObject({ flush, clean, beforeItSets: sets })
})

it('what nothing thins is not cleaned out of an airbrush', () => {
  expect(cleaningFor('pencil')).toBeNull()
})
