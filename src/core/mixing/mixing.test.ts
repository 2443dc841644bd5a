import fc from 'fast-check'
import { COMPLEXITY } from '../knowledge/mixing'
import { coatVolume, mixVolume } from './coverage'
import { dropError, roundToDrops, smallestGoodSize } from './drops'
import { mix } from './mix'
import { addedFromShare, exactParts, sayRatio, shareFromAdded, wholeParts } from './ratio'
import { shapeArea } from './shapes'

const two = (paint: number, thinner: number) => [
  { name: 'paint', parts: paint },
  { name: 'thinner', parts: thinner },
]

describe('ratios, handbook 4.1', () => {
  it('20 % of the mix is paint 4 : thinner 1, 20 % added is paint 5 : thinner 1', () => {
    expect(wholeParts(exactParts([1 - 0.2, 0.2]))).toEqual([4, 1])
    expect(wholeParts(exactParts([1, 0.2]))).toEqual([5, 1])
  })
  it('the two meanings convert', () => {
    expect(addedFromShare(0.2)).toBeCloseTo(0.25, 12)
    expect(shareFromAdded(0.25)).toBeCloseTo(0.2, 12)
    fc.assert(
      fc.property(fc.double({ min: 0, max: 0.99, noNaN: true }), (share) => {
        expect(shareFromAdded(addedFromShare(share))).toBeCloseTo(share, 9)
      }),
      { seed: 1, numRuns: 200 },
    )
  })
  test.each([1, -0.1, Number.NaN])('a share of %d is refused', (share) => {
    expect(() => addedFromShare(share)).toThrow(RangeError)
  })
  it('names its ingredients', () => {
    expect(sayRatio(['paint', 'thinner'], [2, 1])).toBe('paint 2 : thinner 1')
  })
  it('nothing at all has no ratio', () => {
    expect(() => wholeParts(exactParts([0, 0]))).toThrow(RangeError)
  })
})

describe('a mix', () => {
  it('2 : 1 of 6 ml', () => {
    const made = mix({ ingredients: two(2, 1), volumeMl: 6 })
    expect(made.ingredients.map((ingredient) => ingredient.ml)).toEqual([4, 2])
    expect(made.ingredients[1]).toMatchObject({ percentAdded: 50 })
    expect(made.ingredients[1]?.percentOfMix).toBeCloseTo(33.333, 3)
    expect(made).toMatchObject({ fills: 1, fillMl: 6 })
  })

  test.each([
    [2, 2, 1],
    [2, 7, 1],
    [2.1, 2, 2],
    [6, 2, 3],
  ])('%d ml in a cup of %d ml: %d fills', (volumeMl, cupMl, fills) => {
    const made = mix({ ingredients: two(2, 1), volumeMl, cupMl })
    expect(made.fills).toBe(fills)
    expect(made.fillMl * fills).toBeCloseTo(volumeMl, 9)
  })

  it('of nothing but noughts is refused in words', () => {
    expect(() => mix({ ingredients: two(0, 0), volumeMl: 6 })).toThrow('every part is zero')
  })

  it('a bottle of 80 % paint brings its own thinner: 5 : 1 in place of 2 : 1', () => {
    const made = mix({
      ingredients: [
        { name: 'paint', parts: 2, share: 0.8 },
        { name: 'thinner', parts: 1 },
      ],
      volumeMl: 6,
      cupMl: 2,
      round: 'drops',
    })
    expect(made.ratio).toBe('paint 5 : thinner 1')
    expect(made.ingredients.map((ingredient) => ingredient.drops)).toEqual([140, 36])
    expect(made.paintShare).toBeCloseTo(2 / 3, 12)
    expect(made).toMatchObject({ fills: 3, fillMl: 2, errorPercent: 0, warnings: [] })
  })

  it('so little that whole drops are off: by how much, and what is enough', () => {
    const ingredients = [
      { name: 'paint', parts: 3, share: 1 },
      { name: 'thinner', parts: 2 },
    ]
    const made = mix({ ingredients, volumeMl: 0.1, round: 'drops' })
    expect(made.warnings).toEqual([
      'Whole drops are 9.4 % off the ratio at this size; from 0.3 ml on they can stay within 2 %.',
    ])
    expect(mix({ ingredients, volumeMl: 0.3, round: 'drops' }).warnings).toEqual([])
  })

  it('a bottle that is thinner than the mix already is told', () => {
    const made = mix({
      ingredients: [
        { name: 'paint', parts: 2, share: 0.5 },
        { name: 'thinner', parts: 1 },
      ],
      volumeMl: 6,
    })
    expect(made.paintShare).toBeCloseTo(0.5, 12)
    expect(made.warnings).toEqual([expect.stringContaining('50 % paint instead of 67 %')])
    // Nothing is rounded.
    expect(made.errorPercent).toBe(0)
  })

  it('two paints are both made up for', () => {
    const made = mix({
      ingredients: [
        { name: 'bone', parts: 6, share: 0.8 },
        { name: 'ochre', parts: 1, share: 1 },
        { name: 'thinner', parts: 3 },
      ],
      volumeMl: 10,
    })
    expect(made.ingredients.map((ingredient) => Number(ingredient.ml.toFixed(6)))).toEqual([
      7.5, 1, 1.5,
    ])
    expect(made.paintShare).toBeCloseTo(0.7, 12)
  })

  it('says neither how much nor for what area: a misuse', () => {
    expect(() => mix({ ingredients: two(1, 1) })).toThrow('neither volumeMl nor area')
  })

  it('the paint share comes out as the parts say, whatever the bottle', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 9 }),
        fc.integer({ min: 1, max: 9 }),
        fc.double({ min: 0.05, max: 1, noNaN: true }),
        (paint, thinner, share) => {
          const made = mix({
            ingredients: [
              { name: 'paint', parts: paint, share },
              { name: 'thinner', parts: thinner },
            ],
            volumeMl: 5,
          })
          const total = made.ingredients.reduce((sum, ingredient) => sum + ingredient.ml, 0)
          expect(total).toBeCloseTo(5, 9)
          const wanted = paint / (paint + thinner)
          if (made.warnings.length === 0) expect(made.paintShare).toBeCloseTo(wanted, 6)
          else expect(made.paintShare).toBeLessThan(wanted)
        },
      ),
      { seed: 2, numRuns: 300 },
    )
  })
})

describe('whole drops', () => {
  it('err by how far each share is off', () => {
    const wanted = [
      { ml: 1, dropsPerMl: 28 },
      { ml: 1, dropsPerMl: 36 },
    ]
    expect(dropError(wanted, [28, 36])).toBeCloseTo(0, 12)
    expect(dropError(wanted, [29, 36])).toBeCloseTo(1.7544, 3)
    expect(dropError(wanted, [0, 0])).toBe(100)
    const alone = [
      { ml: 1, dropsPerMl: 28 },
      { ml: 0, dropsPerMl: 36 },
    ]
    expect(dropError(alone, [28, 0])).toBe(0)
  })

  it('at least one of each, and the size from which it rounds well', () => {
    const made = mix({ ingredients: two(19, 1), volumeMl: 0.4, round: 'drops' })
    expect(Math.min(...made.ingredients.map((ingredient) => ingredient.drops))).toBe(1)
    expect(made.warnings[0]).toMatch(/off the ratio at this size; from [\d.]+ ml on/)
  })

  test.each([
    [2.6, 3],
    [2.4, 2],
  ])('of which no other errs less, as many as are nearest: %d', (ml, drops) => {
    expect(roundToDrops([{ ml, dropsPerMl: 1 }])).toEqual([drops])
  })

  it('none of what the mix has nothing of', () => {
    const made = mix({ ingredients: two(1, 0), volumeMl: 1, round: 'drops' })
    expect(made.ingredients.map(({ drops, ml }) => [drops, ml])).toEqual([
      [28, 1],
      [0, 0],
    ])
  })

  it('round no worse than rounding each alone', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            ml: fc.double({ min: 0.05, max: 5, noNaN: true }),
            dropsPerMl: fc.integer({ min: 20, max: 40 }),
          }),
          { minLength: 1, maxLength: 4 },
        ),
        (wanted) => {
          const plain = wanted.map((portion) =>
            Math.max(1, Math.round(portion.ml * portion.dropsPerMl)),
          )
          expect(dropError(wanted, roundToDrops(wanted))).toBeLessThanOrEqual(
            dropError(wanted, plain) + 1e-9,
          )
        },
      ),
      { seed: 3, numRuns: 300 },
    )
  })

  it('nothing wanted has no good size', () => {
    expect(smallestGoodSize([{ ml: 0, dropsPerMl: 28 }])).toBeNull()
  })
  test.each([[[2, 1]], [[5, 1]], [[0.3, 0.1]], [[7, 2, 1]]])(
    'parts of %j: the smallest size that rounds within 2 %%, by tenths of a millilitre',
    (parts) => {
      const total = parts.reduce((sum, part) => sum + part, 0)
      const of = (size: number) =>
        parts.map((part, i) => ({ ml: (size * part) / total, dropsPerMl: 28 + 8 * i }))
      const error = (size: number) => dropError(of(size), roundToDrops(of(size)))
      const size = smallestGoodSize(of(total)) as number
      expect(error(size)).toBeLessThanOrEqual(2)
      for (let tenth = 1; tenth < Math.round(size * 10); tenth++)
        expect(error(tenth / 10)).toBeGreaterThan(2)
    },
  )
})

describe('how much to mix, handbook 4.4', () => {
  it('a hull of 120 × 60 × 40 mm is 288 cm², panelled and greebled about 374', () => {
    expect(shapeArea({ kind: 'box', length: 120, width: 60, height: 40 })).toBeCloseTo(288, 9)
    expect(shapeArea({ kind: 'box', length: 120, width: 60, height: 40 }) * 1.3).toBeCloseTo(374, 0)
    expect(COMPLEXITY.panelled).toBe(1.1)
  })
  test.each([
    { coat: 'light', tool: 'airbrush', open: false, ml: 0.863, why: '374 · 0.0015 / 0.65' },
    { coat: 'light', tool: 'airbrush', open: true, ml: 1.603, why: 'small parts catch 0.35' },
    { coat: 'clear-wet', tool: 'airbrush-broad', open: false, ml: 2.493, why: '374 · 0.004 / 0.6' },
    { coat: 'brush', tool: 'brush', open: false, ml: 2.362, why: '374 · 0.006 / 0.95' },
  ] as const)('one $coat coat by $tool: $why', ({ coat, tool, open, ml }) => {
    expect(coatVolume(374, coat, tool, open)).toBeCloseTo(ml, 3)
  })
  it('adds the loss of a fill and the margin', () => {
    const asked = {
      area: 374,
      coats: ['light', 'light'],
      tool: 'airbrush',
      open: false,
      margin: 0.15,
    } as const
    expect(mixVolume({ ...asked, cupMl: null }).ml).toBeCloseTo((2 * 0.86308 + 0.4) * 1.15, 3)
    expect(mixVolume({ ...asked, cupMl: 2 })).toMatchObject({ fills: 2 })
    expect(mixVolume({ ...asked, cupMl: 0.5 })).toMatchObject({ fills: 50 })
    expect(() => mixVolume({ ...asked, cupMl: 0.46 })).toThrow('lays nothing')
  })
  it('a brush leaves nothing in a cup', () => {
    const made = mixVolume({
      area: 100,
      coats: ['brush'],
      tool: 'brush',
      open: false,
      cupMl: null,
      margin: 0,
    })
    expect(made.ml).toBeCloseTo((100 * 0.006) / 0.95, 9)
  })
})

it('no other rounding of the same drops comes nearer than the one that is given', () => {
  const wanted = fc.array(
    fc.record({
      ml: fc.double({ min: 0.1, max: 4, noNaN: true }),
      dropsPerMl: fc.constantFrom(25, 28, 36),
    }),
    { minLength: 2, maxLength: 4 },
  )
  fc.assert(
    fc.property(wanted, fc.nat(15), (mixed, ways) => {
      const best = dropError(mixed, roundToDrops(mixed))
      const other = mixed.map(({ ml, dropsPerMl }, i) => {
        const drops = ml * dropsPerMl
        return Math.max(1, (ways >> i) & 1 ? Math.ceil(drops) : Math.floor(drops))
      })
      expect(best).toBeLessThanOrEqual(dropError(mixed, other) + 1e-6)
    }),
    { seed: 5, numRuns: 400 },
  )
})

it('what a thinned bottle brings is taken off the thinner, not off the flow aid before it', () => {
  const { ingredients } = mix({
    ingredients: [
      { name: 'paint', parts: 10, share: 0.8 },
      { name: 'flow aid', parts: 1 },
      { name: 'thinner', parts: 9 },
    ],
    volumeMl: 20,
  })
  expect(ingredients.map((ingredient) => ingredient.ml)).toEqual(
    [12.5, 1, 6.5].map((ml) => expect.closeTo(ml, 9)),
  )
})
