/** @jest-environment jsdom */
import { type DateForm, writeDate } from './dates'
import { tellIn, telling } from './units'

const AT = new Date(2026, 2, 24, 20, 40).getTime()
/** A date as fields have it, which is read as the instant at which it begins in UTC. */
const DATE = Date.parse('2026-03-24')

beforeAll(() => tellIn({ ...telling(), locale: 'en-GB' }))

test.each<[DateForm, number, string]>([
  ['time', AT, '20:40'],
  ['weekday', AT, 'Tue'],
  ['weekday-long', AT, 'Tuesday'],
  ['day', AT, '24 Mar'],
  ['weekday-day', AT, 'Tue 24 Mar'],
  ['day-long', AT, 'Tuesday 24 March'],
  ['day-and-year', AT, 'Tuesday 24 March 2026'],
  ['weekday-number', AT, 'Tue 24'],
  ['number', AT, '24'],
  ['month', AT, 'Mar'],
  ['month-long', AT, 'March'],
  ['date', AT, '24 Mar 2026'],
  ['date-and-time', AT, '24 Mar 2026 20:40'],
  ['plain-date', DATE, '24 Mar 2026'],
  ['plain-date-long', DATE, 'Tuesday 24 March 2026'],
])('%s', (form, at, said) => {
  // Where commas stand is the locale's tables' to say, and changes with them.
  expect(writeDate(form, at).replaceAll(',', '')).toBe(said)
})
