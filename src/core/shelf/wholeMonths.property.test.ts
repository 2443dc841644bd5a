import fc from 'fast-check'
import { DateTime } from 'luxon'
import { wholeMonths } from './wholeMonths'

const instant = fc.integer({ min: Date.UTC(2000, 0, 1), max: Date.UTC(2060, 0, 1) })

test('months are over when the library of dates says so', () => {
  fc.assert(
    fc.property(instant, instant, (one, other) => {
      const opened = DateTime.fromMillis(one).startOf('day')
      const months = wholeMonths(opened.toISODate() as string, other)
      expect(opened.plus({ months }).toMillis()).toBeLessThanOrEqual(other)
      expect(opened.plus({ months: months + 1 }).toMillis()).toBeGreaterThan(other)
    }),
    { numRuns: 5000 },
  )
})

test.each([
  ['2026-01-31', '2026-02-27T23:59', 0],
  ['2026-01-31', '2026-02-28T00:00', 1],
  ['2026-01-31', '2026-03-30T12:00', 1],
  ['2028-01-30', '2028-02-28T12:00', 0],
  ['2025-12-15', '2026-01-15T00:00', 1],
  ['2026-05-02', '2026-05-01T12:00', -1],
])('from %s to %s: %d', (day, now, months) => {
  expect(wholeMonths(day, DateTime.fromISO(now).toMillis())).toBe(months)
})
