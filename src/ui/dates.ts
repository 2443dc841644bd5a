import { localeHere } from './units'

/** Ways of writing an instant, by the clock here unless it says otherwise. */
const FORMS = {
  /** 20:40 */
  time: { hour: '2-digit', minute: '2-digit' },
  /** Thu */
  weekday: { weekday: 'short' },
  /** Thursday */
  'weekday-long': { weekday: 'long' },
  /** 24 Mar */
  day: { day: 'numeric', month: 'short' },
  /** Thu 24 Mar */
  'weekday-day': { weekday: 'short', day: 'numeric', month: 'short' },
  /** Thursday 24 March */
  'day-long': { weekday: 'long', day: 'numeric', month: 'long' },
  'day-and-year': { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' },
  /** Thu 24 */
  'weekday-number': { weekday: 'short', day: 'numeric' },
  /** 24 */
  number: { day: 'numeric' },
  /** Mar */
  month: { month: 'short' },
  /** March */
  'month-long': { month: 'long' },
  /** 24 Mar 2026 */
  date: { dateStyle: 'medium' },
  'date-and-time': { dateStyle: 'medium', timeStyle: 'short' },
  /** A date that belongs to no zone, as the instant at which it begins in the first of them. */
  'plain-date': { dateStyle: 'medium', timeZone: 'UTC' },
  'plain-date-long': { dateStyle: 'full', timeZone: 'UTC' },
} as const satisfies Record<string, Intl.DateTimeFormatOptions>

/** A way of writing an instant. */
export type DateForm = keyof typeof FORMS

const made = new Map<DateForm, Intl.DateTimeFormat>()

/**
 * An instant as it is written. What writes it is costly to make: it is made when it is first asked for, once, and the first of
 * all takes a twentieth of a second, since the browser reads its tables for it. The locale changes with the page.
 *
 * @param at epoch milliseconds
 */
export function writeDate(form: DateForm, at: number): string {
  const known = made.get(form) ?? new Intl.DateTimeFormat(localeHere(), FORMS[form])
  made.set(form, known)
  return known.format(at)
}
