import fc from 'fast-check'
import { dwellSeconds, ladderFor } from '../knowledge/decals'
import type { DecalPlace, DecalSheet } from '../model/decals'
import { allotDecals, fitOf, piecesOf } from './decals'
import { leastCostFlow } from './leastCostFlow'

const sheet = (
  decals: [string, number, number, number, ('left' | 'right')?][],
  scale?: number,
): DecalSheet => ({
  id: 's',
  name: 'Sheet',
  ...(scale ? { scale } : {}),
  decals: decals.map(([id, widthMm, heightMm, count, hand]) => ({
    id,
    name: id,
    widthMm,
    heightMm,
    count,
    ...(hand ? { hand } : {}),
  })),
})
const place = (id: string, widthMm: number, heightMm: number, more: Partial<DecalPlace> = {}) => ({
  id,
  part: 'p',
  name: id,
  widthMm,
  heightMm,
  ...more,
})

test.each([
  ['25.2 x 11.6 on 24 x 11', [25.2, 11.6], [24, 11], { width: 0.6, height: 0.3 }],
  ['as large', [24, 11], [24, 11], null],
  ['larger by less than shows', [24.4, 11.4], [24, 11], null],
  ['smaller by less than shows', [23.5, 11], [24, 11], null],
] as const)('%s is laid', (_, [widthMm, heightMm], [width, height], trim) => {
  const found = fitOf({ widthMm, heightMm }, { widthMm: width, heightMm: height })
  if (trim === null) expect(found).toEqual({ trim: null })
  else {
    expect(found?.trim?.width).toBeCloseTo(trim.width, 6)
    expect(found?.trim?.height).toBeCloseTo(trim.height, 6)
  }
})

test.each([
  ['a gap all round', { widthMm: 23, heightMm: 11 }, {}],
  ['its motif would be cut', { widthMm: 28, heightMm: 11 }, {}],
  [
    'for the other side',
    { widthMm: 24, heightMm: 11, hand: 'left' as const },
    { hand: 'right' as const },
  ],
])('%s: it isn’t', (_, decal, more) => {
  expect(fitOf(decal, { widthMm: 24, heightMm: 11, ...more })).toBeNull()
})

it('gives the odd one to the place that is looked at least, and names what is short', () => {
  const places = [
    place('nose', 24, 11, { zone: 'front' }),
    place('belly', 24, 11, { zone: 'under' }),
    place('tail', 24, 11, { zone: 'rear' }),
    place('hatch', 24, 11, { zone: 'top' }),
  ]
  const seen: Record<string, number> = { front: 3, top: 2, rear: 1, under: 0 }
  const found = allotDecals(
    [
      sheet([
        ['number', 24, 11, 2],
        ['odd', 25.2, 11.6, 1],
      ]),
    ],
    places,
    72,
    ({ zone }) => seen[zone ?? ''] ?? 2,
  )
  const by = new Map(found.allotted.map(({ place: at, decal }) => [at, decal]))
  expect(Object.fromEntries(by)).toEqual({ nose: 'number', hatch: 'number', tail: 'odd' })
  expect(found.short).toEqual([
    { widthMm: 24, heightMm: 11, hand: null, needed: 4, there: 2, without: ['belly'] },
  ])
  expect(found.left).toEqual([])
})

it('reckons a sheet for another scale by the two', () => {
  const other = sheet([['band', 36, 18, 1]], 48)
  expect(allotDecals([other], [place('a', 24, 12)], 72).allotted).toHaveLength(1)
  expect(allotDecals([other], [place('a', 36, 18)], 72).allotted).toHaveLength(0)
})

it('tells what is left over', () => {
  expect(allotDecals([sheet([['star', 10, 10, 3]])], [place('a', 10, 10)], 72).left).toEqual([
    { decal: 'star', count: 2 },
  ])
})

test.each([
  [96, 3, 4],
  [96, 0, 1],
  [60, 3, 1],
  [61, 1, 2],
])('%s mm over %s lines: %s pieces', (mm, lines, pieces) => {
  expect(piecesOf(mm, lines)).toBe(pieces)
})

test.each([
  ['thin', 20, 15],
  ['usual', 20, 30],
  ['usual', 40, 15],
  ['thick', 20, 60],
  ['home-printed', 20, 20],
] as const)('%s film in water at %s °C: %s s', (film, celsius, seconds) => {
  expect(dwellSeconds(film, celsius)).toBeCloseTo(seconds, 6)
})

test.each([
  ['usual', 'flat', [1, 4]],
  ['usual', 'line', [1, 4, 10]],
  ['usual', 'curve', [1, 4, 10, 10]],
  ['thin', 'curve', [1, 4, 10]],
  ['thick', 'bump', [1, 2, 4, 10, 10, 4]],
] as const)('%s film over a %s: minutes of its ladder', (film, over, minutes) => {
  expect(ladderFor(film, over).map((rung) => rung.minutes)).toEqual(minutes)
})

describe('the least cost', () => {
  const problems = fc.record({
    supplies: fc.array(fc.integer({ min: 0, max: 2 }), { minLength: 1, maxLength: 3 }),
    unmet: fc.array(fc.integer({ min: 5, max: 30 }), { minLength: 1, maxLength: 5 }),
    costs: fc.array(fc.option(fc.integer({ min: 0, max: 9 })), { minLength: 15, maxLength: 15 }),
  })
  it('is that of trying everything', () => {
    fc.assert(
      fc.property(problems, ({ supplies, unmet, costs }) => {
        const cost = (s: number, d: number) => costs[s * 5 + d] ?? null
        const given = leastCostFlow({
          supplies,
          demands: unmet.map((one) => ({ unmet: one })),
          costs: cost,
        })
        const total = (all: readonly (number | null)[]) =>
          all.reduce<number>(
            (sum, s, d) => sum + (s === null ? (unmet[d] ?? 0) : (cost(s, d) ?? 0)),
            0,
          )
        const least = (d: number, left: readonly number[]): number => {
          if (d === unmet.length) return 0
          const served = left.flatMap((count, s) => {
            const own = cost(s, d)
            return count > 0 && own !== null ? [own + least(d + 1, left.with(s, count - 1))] : []
          })
          return Math.min((unmet[d] ?? 0) + least(d + 1, left), ...served)
        }
        for (const [s, count] of supplies.entries())
          expect(given.filter((one) => one === s).length).toBeLessThanOrEqual(count)
        given.forEach((s, d) => {
          if (s !== null) expect(cost(s, d)).not.toBeNull()
        })
        expect(total(given)).toBe(least(0, supplies))
      }),
      { numRuns: 500, seed: 12 },
    )
  })
})
