import { saidInstant } from './saidInstant'

/** A Tuesday, 18:25 in Lisbon, which is UTC at that time of the year. */
const NOW = Date.parse('2026-03-17T18:25:00Z')

test.each([
  ['now', '2026-03-17T18:25'],
  ['an hour ago', '2026-03-17T17:25'],
  ['20 min ago', '2026-03-17T18:05'],
  ['2 days ago', '2026-03-15T18:25'],
  ['17:10', '2026-03-17T17:10'],
  ['19:10', '2026-03-16T19:10'],
  ['7pm', '2026-03-16T19:00'],
  ['this morning', '2026-03-17T09:00'],
  ['yesterday', '2026-03-16T20:00'],
  ['yesterday evening', '2026-03-16T20:00'],
  ['yesterday 19:30', '2026-03-16T19:30'],
  ['yesterday at 19.30', '2026-03-16T19:30'],
  ['last night', '2026-03-16T22:00'],
  ['evening', '2026-03-16T20:00'],
  ['Friday', '2026-03-13T20:00'],
  ['on friday morning', '2026-03-13T09:00'],
  ['last tuesday', '2026-03-10T20:00'],
  ['2026-03-01', '2026-03-01T20:00'],
  ['2026-03-01 09:15', '2026-03-01T09:15'],
])('%s is %s', (said, iso) => {
  expect(saidInstant(said, NOW, 'Europe/Lisbon')).toBe(Date.parse(`${iso}:00Z`))
})

test.each(['', 'soon', '25:00', 'someday 12:00', '12', 'ago'])('"%s" is no instant', (said) => {
  expect(saidInstant(said, NOW, 'Europe/Lisbon')).toBeNull()
})

it('an hour of the clock is one of the zone', () => {
  expect(saidInstant('yesterday 20:00', NOW, 'Asia/Tokyo')).toBe(Date.parse('2026-03-17T11:00:00Z'))
})
