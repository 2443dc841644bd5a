import fc from 'fast-check'
import type { Bottle } from '../model/bottle'
import type { LoggedAct } from '../model/loggedAct'
import { bottleNow, levelOf, levelsHoldFrom, shelfNow } from './levels'
import { indexLog } from './logIndex'

const NOW = Date.parse('2026-03-17T18:00:00Z')
const at = (minute: number) => new Date(NOW + minute * 60_000).toISOString()
const bottle = (more: Partial<Bottle> = {}): Bottle => ({
  id: 'teal',
  name: 'Harbour Teal',
  family: 'alcohol-acrylic',
  role: 'colour',
  colour: '#2F6B6A',
  sizeMl: 23,
  leftMl: 10,
  leftSince: at(0),
  ...more,
})
let n = 0
const act = (kind: LoggedAct['kind'], minute: number, more: Partial<LoggedAct>): LoggedAct => ({
  id: `l${++n}`,
  at: at(minute),
  kind,
  ...more,
})
const pour = (minute: number, ml: number, share = 0) =>
  act('poured', minute, { bottle: 'teal', ml, share, text: 'Alcohol Thinner' })
const draw = (minute: number, ml: number) =>
  act('mixed', minute, { drawn: [{ bottle: 'teal', ml }] })
const level = (acts: LoggedAct[], row = bottle()) => levelOf(row, indexLog(acts))

test.each([
  { why: 'nothing logged', acts: [], ml: 10, share: 1 },
  { why: 'drawn from', acts: [draw(1, 2.5)], ml: 7.5, share: 1 },
  { why: 'drawn from more than there is', acts: [draw(1, 30)], ml: 0, share: 1 },
  {
    why: 'drawn from twice for one mix',
    acts: [act('mixed', 1, { drawn: [2, 1].map((ml) => ({ bottle: 'teal', ml })) })],
    ml: 7,
    share: 1,
  },
  { why: 'drawn before its level was written down', acts: [draw(-5, 2.5)], ml: 10, share: 1 },
  {
    why: 'weighed',
    acts: [draw(1, 2), act('weighed', 2, { bottle: 'teal', ml: 6.2 })],
    ml: 6.2,
    share: 1,
  },
  {
    why: 'weighed, then drawn from',
    acts: [act('weighed', 2, { bottle: 'teal', ml: 6 }), draw(3, 2)],
    ml: 4,
    share: 1,
  },
  {
    why: 'filled anew after it was thinned',
    acts: [pour(1, 10), act('filled', 2, { bottle: 'teal', ml: 23 })],
    ml: 23,
    share: 1,
  },
  { why: 'thinned to half', acts: [pour(1, 10)], ml: 20, share: 0.5 },
  { why: 'another bottle', acts: [act('weighed', 2, { bottle: 'grey', ml: 1 })], ml: 10, share: 1 },
])('the level of a bottle, $why', ({ acts, ml, share }) => {
  expect(level(acts)).toEqual({ ml, share })
})

it('a row without an instant is how it stands: what was drawn is in it', () => {
  expect(level([draw(1, 2)], bottle({ leftSince: undefined }))).toEqual({ ml: 10, share: 1 })
})

it('what is taken back was never drawn', () => {
  const drawn = draw(1, 4)
  expect(level([drawn, act('undone', 2, { undoes: drawn.id })]).ml).toBe(10)
})

it('thinned twice, its share and both dilutions are remembered', () => {
  const row = bottleNow(bottle(), indexLog([pour(1, 2.5), pour(2, 2.5)]))
  expect(row.leftMl).toBe(15)
  expect(row.share).toBeCloseTo(2 / 3, 5)
  expect(row.thinnings).toHaveLength(2)
  expect(row.thinnings?.[0]).toMatchObject({
    addedMl: 2.5,
    with: 'Alcohol Thinner',
    shareAfter: 0.8,
  })
})

it('keeps its paint whatever thinner is poured into it', () => {
  const ml = fc.double({ min: 0.01, max: 40, noNaN: true })
  fc.assert(
    fc.property(ml, ml, (left, added) => {
      const after = level([pour(1, added)], bottle({ leftMl: left }))
      expect(after.share * (left + added)).toBeCloseTo(left, 3)
    }),
    { seed: 2, numRuns: 200 },
  )
})

it('what mixes draw is what is missing in the bottle, to a hundredth of a millilitre', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0.01, max: 3, noNaN: true }), { maxLength: 8 }),
      (draws) => {
        const end = level(
          draws.map((ml, i) => draw(i + 1, ml)),
          bottle({ leftMl: 100 }),
        ).ml
        const sum = draws.reduce((all, ml) => all + ml, 0)
        expect(Math.abs(100 - sum - end)).toBeLessThanOrEqual(0.005 * draws.length + 1e-9)
      },
    ),
    { seed: 6, numRuns: 200 },
  )
})

it('a bottle of which nothing was logged is the very same row', () => {
  const row = bottle({ id: 'other' })
  expect(bottleNow(row, indexLog([draw(1, 2)]))).toBe(row)
})

describe('the shelf as it stands', () => {
  const [teal, grey] = [bottle(), bottle({ id: 'grey', name: 'Hull Grey' })]
  const first = draw(1, 2)
  const before = shelfNow([teal, grey], indexLog([first]))

  test.each<{ what: string; shelf: Bottle[]; acts: LoggedAct[]; left: number[] }>([
    { what: 'a bottle drawn from', shelf: [teal, grey], acts: [first, draw(2, 3)], left: [5, 10] },
    {
      what: 'a bottle whose row was written anew',
      shelf: [bottle({ leftMl: 20 }), grey],
      acts: [first],
      left: [18, 10],
    },
    { what: 'a bottle that is gone', shelf: [grey], acts: [first], left: [10] },
  ])('is carried on to what it is anew: $what', ({ shelf, acts, left }) => {
    const now = shelfNow(shelf, indexLog(acts), before)
    expect(now.bottles.map(({ leftMl }) => leftMl)).toEqual(left)
    expect(now.bottles).toEqual(shelfNow(shelf, indexLog(acts)).bottles)
  })

  test('stays the same objects where nothing changed', () => {
    const log = indexLog([first])
    const once = shelfNow([teal, grey], log)
    expect(shelfNow([teal, grey], log, once).bottles).toBe(once.bottles)
    const later = shelfNow([bottle({ leftMl: 20 }), grey], log, once)
    expect(later.bottles[1]).toBe(once.bottles[1])
  })
})

test.each([
  { why: 'neat, and nobody said so', row: bottle(), acts: [draw(1, 2)], share: undefined },
  { why: 'neat, as was said', row: bottle({ share: 1 }), acts: [draw(1, 2)], share: 1 },
  { why: 'thinned by the log', row: bottle(), acts: [pour(1, 10)], share: 0.5 },
  { why: 'thinned before', row: bottle({ share: 0.8 }), acts: [draw(1, 2)], share: 0.8 },
])('a row has a share, $why: $share', ({ row, acts, share }) => {
  const now = bottleNow(row, indexLog(acts))
  expect(now.share).toBe(share)
  expect('share' in now).toBe(share !== undefined)
})

it('a pour of nobody knows how much, and what isn’t poured, is no dilution', () => {
  const unknown = act('poured', 1, { bottle: 'teal' })
  const weighed = act('weighed', 2, { bottle: 'teal', ml: 8 })
  expect(bottleNow(bottle(), indexLog([unknown, weighed]))).toEqual({ ...bottle(), leftMl: 8 })
})

test.each([
  { why: 'an empty log', acts: [], holds: at(7) },
  {
    why: 'just behind the last, wherever it stands',
    acts: [at(3), at(5), at(1)],
    holds: NOW + 5 * 60_000 + 1,
  },
  {
    why: 'an instant that is none counts for nothing',
    acts: ['soon', at(1)],
    holds: NOW + 60_000 + 1,
  },
])('levels hold from, $why', ({ acts, holds }) => {
  const said = levelsHoldFrom(
    acts.map((instant) => ({ at: instant })),
    NOW + 7 * 60_000,
  )
  expect(said).toBe(new Date(holds).toISOString())
})
