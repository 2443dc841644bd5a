import { writeDate } from './dates'

/** An instant as a local clock time, with its day when that isn't today: "20:40", "Thu 20:40", "24 Mar 20:40". */
export function clockTime(at: number, now: number): string {
  const time = writeDate('time', at)
  const days = Math.round((midnight(at) - midnight(now)) / 86_400_000)
  if (days === 0) return time
  const day = writeDate(days > 0 && days < 7 ? 'weekday' : 'day', at)
  return `${day} ${time}`
}

/** A day of the calendar here, as fields and files have it: "2026-03-17". */
export function localDay(day: Date): string {
  const two = (n: number) => String(n).padStart(2, '0')
  return `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())}`
}

function midnight(at: number): number {
  return new Date(at).setHours(0, 0, 0, 0)
}

/** A number and its unit, as they are set in large figures. */
export type Figure = { value: string; unit: string }

/** A length of time in at most two figures: minutes and seconds under an hour, hours and minutes under two days, then days. */
export function figures(milliseconds: number): Figure[] {
  const seconds = Math.max(0, Math.round(milliseconds / 1000))
  const minutes = Math.floor(seconds / 60)
  const hours = Math.floor(minutes / 60)
  if (minutes < 60)
    return [
      { value: String(minutes), unit: 'min' },
      { value: String(seconds % 60).padStart(2, '0'), unit: 's' },
    ]
  if (hours < 48)
    return [
      { value: String(hours), unit: 'h' },
      { value: String(minutes % 60).padStart(2, '0'), unit: 'min' },
    ]
  return [
    { value: String(Math.floor(hours / 24)), unit: 'd' },
    { value: String(hours % 24), unit: 'h' },
  ]
}

/** A length of time in words, to the minute: "in 35 min". */
export function sayFigures(milliseconds: number): string {
  const whole = Math.ceil(milliseconds / 60_000)
  if (whole < 60) return `${Math.max(0, whole)} min`
  return figures(whole * 60_000)
    .filter((figure, i) => i === 0 || Number(figure.value) > 0)
    .map(({ value, unit }) => `${Number(value)} ${unit}`)
    .join(' ')
}
