import fc from 'fast-check'
import { Duration } from 'luxon'
import {
  isoDuration,
  LONGEST_MINUTES,
  minutesOf,
  parseDuration,
  sayDuration,
  writeDuration,
} from './duration'
import { parseJson, quote } from './input'

test.each([
  { text: '15 min', minutes: 15 },
  { text: '24 h', minutes: 1440 },
  { text: '3 d', minutes: 4320 },
  { text: '1 h 30 min', minutes: 90 },
  { text: '1h30min', minutes: 90 },
  { text: '1.5 h', minutes: 90 },
  { text: 'PT1H30M', minutes: 90 },
  { text: 'P3D', minutes: 4320 },
  { text: 'P1Y1M1W', minutes: (365 + 30 + 7) * 1440 },
  { text: 'PT2.5H', minutes: 150 },
  { text: 'PT2,5H30S', minutes: 150.5 },
  { text: 'P', minutes: null },
  { text: 'PT', minutes: null },
  { text: 'P1DT', minutes: null },
  { text: 'PT1M1H', minutes: null },
  { text: 'P1H', minutes: null },
  { text: '0 min', minutes: 0 },
  { text: '', minutes: null },
  { text: '5', minutes: null },
  { text: '-5 min', minutes: null },
  { text: 'PT-5M', minutes: null },
  { text: 'soon', minutes: null },
  { text: '5 min or so', minutes: null },
  { text: '999999 d', minutes: null },
])('"$text" is $minutes min', ({ text, minutes }) => {
  expect(parseDuration(text)).toBe(minutes)
})

test.each([
  { minutes: 0, iso: 'PT0S', say: '0 min', write: '0 min' },
  { minutes: 39, iso: 'PT39M', say: '39 min', write: '39 min' },
  { minutes: 37.5, iso: 'PT37M30S', say: '38 min', write: '38 min' },
  { minutes: 3744, iso: 'PT62H24M', say: '2 d 14 h', write: '62 h 24 min' },
  { minutes: 1440, iso: 'PT24H', say: '24 h', write: '24 h' },
  { minutes: 4320, iso: 'PT72H', say: '3 d', write: '3 d' },
])('$minutes min', ({ minutes, iso, say, write }) => {
  expect([isoDuration(minutes), sayDuration(minutes), writeDuration(minutes)]).toEqual([
    iso,
    say,
    write,
  ])
})

it('a duration of ISO 8601 is what the library of dates takes it for', () => {
  const amount = fc.oneof(fc.nat(300).map(String), fc.constant('1.5'))
  const maybe = (unit: string) => fc.option(amount.map((n) => `${n}${unit}`)).map((it) => it ?? '')
  const all = (units: string) => fc.tuple(...[...units].map(maybe)).map((them) => them.join(''))
  const seconds = fc.option(fc.nat(300)).map((n) => (n === null ? '' : `${n}S`))
  fc.assert(
    fc.property(all('YMWD'), all('HM'), seconds, (date, time, end) => {
      const clock = `${time}${end}`
      fc.pre(date + clock !== '')
      const text = `P${date}${clock === '' ? '' : `T${clock}`}`
      const minutes = Duration.fromISO(text).as('minutes')
      const read = parseDuration(text)
      if (minutes > LONGEST_MINUTES) expect(read).toBeNull()
      else expect(read).toBeCloseTo(minutes, 6)
    }),
    { seed: 7, numRuns: 500 },
  )
})

it('a wait that is written is never shorter than it has to be, nor by a minute longer', () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 100000, noNaN: true }), (minutes) => {
      const written = minutesOf(writeDuration(minutes))
      expect(written).toBeGreaterThanOrEqual(minutes - 1e-5)
      expect(written).toBeLessThan(minutes + 1)
    }),
    { seed: 4, numRuns: 500 },
  )
})

it('what is no duration is a misuse past the border', () => {
  expect(() => minutesOf('soon')).toThrow('"soon" is not a duration')
})

it('values from outside are quoted short', () => {
  expect(quote(undefined)).toBe('nothing')
  expect(quote('x'.repeat(200)).length).toBe(81)
  expect(quote(1n)).toBe('1')
})

it('broken JSON says what is wrong with it', () => {
  const parsed = parseJson('{"a":')
  expect(parsed.ok).toBe(false)
  if (!parsed.ok) expect(parsed.problems[0]?.expected).toContain('JSON (')
})

test.each([
  { minutes: 0, says: '0 min' },
  { minutes: 59.5, says: '1 h' },
  { minutes: 61, says: '1 h 1 min' },
  { minutes: 47 * 60 + 59, says: '47 h 59 min' },
  { minutes: 48 * 60, says: '2 d' },
  { minutes: 7 * 1440 + 23 * 60 + 40, says: '8 d' },
  { minutes: 7 * 1440 + 23 * 60 + 20, says: '7 d 23 h' },
])('$minutes minutes are said as “$says”', ({ minutes, says }) => {
  expect(sayDuration(minutes)).toBe(says)
})
