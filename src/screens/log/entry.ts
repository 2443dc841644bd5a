import { localeHere } from '@/ui/units'

const DAY = new Intl.DateTimeFormat(localeHere(), {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
})
const OTHER_YEAR = new Intl.DateTimeFormat(localeHere(), {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
  year: 'numeric',
})
const CLOCK = new Intl.DateTimeFormat(localeHere(), { hour: '2-digit', minute: '2-digit' })

/** A day in words, with its year if it is another one than now's. */
export function dayWords(at: number, now: number): string {
  const sameYear = new Date(at).getFullYear() === new Date(now).getFullYear()
  return (sameYear ? DAY : OTHER_YEAR).format(at)
}

export const clockWords = (at: number) => CLOCK.format(at)
