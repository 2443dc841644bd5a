/**
 * Whole months from a day to an instant, by the calendar of where the reader is: a month is over on the same day of the next, or
 * on its last where it has no such day.
 *
 * @param day a date that is one, "2026-03-14"
 * @param now epoch milliseconds
 * @returns below zero for a day to come
 */
export function wholeMonths(day: string, now: number): number {
  const [year = 0, month = 0, date = 0] = day.split('-').map(Number)
  const at = new Date(now)
  const months = (at.getFullYear() - year) * 12 + at.getMonth() + 1 - month
  const last = new Date(at.getFullYear(), at.getMonth() + 1, 0).getDate()
  return at.getDate() < Math.min(date, last) ? months - 1 : months
}
