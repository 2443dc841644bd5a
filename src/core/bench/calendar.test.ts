import type { Sessions } from '../model/sessions'
import { minutesFrom, quietBetween, sessionsBetween } from './calendar'

const LISBON: Sessions = {
  zone: 'Europe/Lisbon',
  pattern: [
    { day: 'tue', from: '19:00', to: '21:30' },
    { day: 'sun', from: '00:30', to: '03:00' },
  ],
  quiet: { from: '21:00', to: '08:00' },
}

const iso = (spans: { from: number; to: number }[]) =>
  spans.map(({ from, to }) => [new Date(from).toISOString(), new Date(to).toISOString()])
const between = (sessions: Sessions, from: string, to: string) =>
  iso(sessionsBetween(sessions, Date.parse(from), Date.parse(to)))

it('a weekly session keeps its local time in winter and summer', () => {
  expect(between(LISBON, '2026-03-24T12:00:00Z', '2026-03-25T12:00:00Z')).toEqual([
    ['2026-03-24T19:00:00.000Z', '2026-03-24T21:30:00.000Z'],
  ])
  expect(between(LISBON, '2026-03-31T12:00:00Z', '2026-04-01T12:00:00Z')).toEqual([
    ['2026-03-31T18:00:00.000Z', '2026-03-31T20:30:00.000Z'],
  ])
})

it('the night the clocks go forward has an hour less', () => {
  // 29 March 2026: 01:00 becomes 02:00 in Lisbon.
  expect(between(LISBON, '2026-03-28T12:00:00Z', '2026-03-29T12:00:00Z')).toEqual([
    ['2026-03-29T00:30:00.000Z', '2026-03-29T02:00:00.000Z'],
  ])
})

it('the night they go back has an hour more', () => {
  expect(between(LISBON, '2026-10-24T20:00:00Z', '2026-10-25T12:00:00Z')).toEqual([
    ['2026-10-24T23:30:00.000Z', '2026-10-25T03:00:00.000Z'],
  ])
})

test.each([
  { why: 'a day off', exceptions: [{ date: '2026-03-24', off: true }], gives: [] },
  {
    why: 'other times on a day',
    exceptions: [{ date: '2026-03-24', from: '20:00', to: '24:00' }],
    gives: [['2026-03-24T20:00:00.000Z', '2026-03-25T00:00:00.000Z']],
  },
  {
    why: 'a day more',
    exceptions: [{ date: '2026-03-25', from: '10:00', to: '11:00' }],
    gives: [
      ['2026-03-24T19:00:00.000Z', '2026-03-24T21:30:00.000Z'],
      ['2026-03-25T10:00:00.000Z', '2026-03-25T11:00:00.000Z'],
    ],
  },
])('$why', ({ exceptions, gives }) => {
  const sessions = { ...LISBON, exceptions }
  expect(between(sessions, '2026-03-24T12:00:00Z', '2026-03-25T12:00:00Z')).toEqual(gives)
})

it('a session that is running is cut to what is left', () => {
  expect(between(LISBON, '2026-03-24T20:00:00Z', '2026-03-24T23:00:00Z')).toEqual([
    ['2026-03-24T20:00:00.000Z', '2026-03-24T21:30:00.000Z'],
  ])
})

it.each([
  {
    why: 'past midnight',
    zone: 'Europe/Lisbon',
    day: 'tue' as const,
    around: ['2026-03-24T12:00:00Z', '2026-03-25T12:00:00Z'],
    gives: [['2026-03-24T22:00:00.000Z', '2026-03-25T01:30:00.000Z']],
  },
  {
    why: 'past midnight, already running',
    zone: 'Europe/Lisbon',
    day: 'tue' as const,
    around: ['2026-03-25T00:30:00Z', '2026-03-25T12:00:00Z'],
    gives: [['2026-03-25T00:30:00.000Z', '2026-03-25T01:30:00.000Z']],
  },
  {
    why: 'past the midnight on which the clocks go forward',
    zone: 'Europe/Lisbon',
    day: 'sat' as const,
    around: ['2026-03-28T12:00:00Z', '2026-03-29T12:00:00Z'],
    // 01:30 is skipped that night: it moves on with the clocks.
    gives: [['2026-03-28T22:00:00.000Z', '2026-03-29T01:30:00.000Z']],
  },
  {
    why: 'into the leap day and out of it',
    zone: 'UTC',
    day: 'tue' as const,
    around: ['2028-02-28T12:00:00Z', '2028-03-01T12:00:00Z'],
    gives: [['2028-02-29T22:00:00.000Z', '2028-03-01T01:30:00.000Z']],
  },
  {
    why: 'in another zone: the same clock, other instants',
    zone: 'Asia/Tokyo',
    day: 'tue' as const,
    around: ['2026-03-24T00:00:00Z', '2026-03-25T00:00:00Z'],
    gives: [['2026-03-24T13:00:00.000Z', '2026-03-24T16:30:00.000Z']],
  },
])('a session $why', ({ zone, day, around, gives }) => {
  const sessions: Sessions = { zone, pattern: [{ day, from: '22:00', to: '01:30' }] }
  expect(between(sessions, around[0] as string, around[1] as string)).toEqual(gives)
})

it('a session of its own is there beside those of the day', () => {
  const extra = [
    { date: '2026-03-24', from: '08:00', to: '09:00' },
    { date: '2028-02-29', from: '08:00', to: '09:00' },
  ]
  expect(between({ ...LISBON, extra }, '2026-03-24T00:00:00Z', '2026-03-25T00:00:00Z')).toEqual([
    ['2026-03-24T08:00:00.000Z', '2026-03-24T09:00:00.000Z'],
    ['2026-03-24T19:00:00.000Z', '2026-03-24T21:30:00.000Z'],
  ])
  expect(between({ ...LISBON, extra }, '2028-02-29T00:00:00Z', '2028-02-29T12:00:00Z')).toEqual([
    ['2028-02-29T08:00:00.000Z', '2028-02-29T09:00:00.000Z'],
  ])
})

it('quiet hours run past midnight, also out of the day before', () => {
  const quiet = quietBetween(
    LISBON,
    Date.parse('2026-03-24T02:00:00Z'),
    Date.parse('2026-03-24T22:00:00Z'),
  )
  expect(iso(quiet)).toEqual([
    ['2026-03-24T02:00:00.000Z', '2026-03-24T08:00:00.000Z'],
    ['2026-03-24T21:00:00.000Z', '2026-03-24T22:00:00.000Z'],
  ])
  expect(quietBetween({ ...LISBON, quiet: null }, 0, 1e9)).toEqual([])
})

it('hours without power are as quiet, beside the others', () => {
  const outages = [{ from: '2026-03-24T18:30:00Z', to: '2026-03-24T20:00:00Z' }]
  const span = [Date.parse('2026-03-24T12:00:00Z'), Date.parse('2026-03-24T22:00:00Z')] as const
  expect(iso(quietBetween({ ...LISBON, outages }, ...span))).toEqual([
    ['2026-03-24T18:30:00.000Z', '2026-03-24T20:00:00.000Z'],
    ['2026-03-24T21:00:00.000Z', '2026-03-24T22:00:00.000Z'],
  ])
  expect(iso(quietBetween({ ...LISBON, quiet: null, outages }, ...span))).toEqual([
    ['2026-03-24T18:30:00.000Z', '2026-03-24T20:00:00.000Z'],
  ])
})

it('minutes never grow by rounding', () => {
  expect(minutesFrom(0, [{ from: 30_000, to: 150_000 }])).toEqual([[1, 2]])
  expect(minutesFrom(0, [{ from: 30_000, to: 50_000 }])).toEqual([])
})

it('a minute is a minute, a year from the zero too', () => {
  const zero = Date.parse('2026-03-24T00:00:00Z')
  const from = Date.parse('2027-03-24T00:00:00Z')
  const to = from + 24 * 3_600_000
  expect(minutesFrom(zero, [{ from, to }])).toEqual([[365 * 1440, 366 * 1440]])
})
