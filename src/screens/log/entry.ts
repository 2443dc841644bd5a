import { writeDate } from '@/ui/dates'

/** A day in words, with its year if it is another one than now's. */
export function dayWords(at: number, now: number): string {
  const sameYear = new Date(at).getFullYear() === new Date(now).getFullYear()
  return writeDate(sameYear ? 'day-long' : 'day-and-year', at)
}
