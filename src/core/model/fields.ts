import * as v from 'valibot'
import { parseDuration } from './duration'

/** A number within a closed range, refused with the range and its unit. */
export function ranged(min: number, max: number, unit = '') {
  const range = `a number from ${min} to ${max}${unit ? ` ${unit}` : ''}`
  return v.pipe(
    v.number(range),
    v.check((n) => Number.isFinite(n) && n >= min && n <= max, range),
  )
}

/** A whole number within a closed range. */
export function wholeRanged(min: number, max: number, unit = '') {
  const range = `a whole number from ${min} to ${max}${unit ? ` ${unit}` : ''}`
  return v.pipe(
    v.number(range),
    v.check((n) => Number.isInteger(n) && n >= min && n <= max, range),
  )
}

/** How a duration is asked for where another value stood. */
export const DURATION_EXPECTED =
  'a duration such as "15 min", "24 h", "3 d", "1 h 30 min" or "PT1H30M"'

/** A duration, kept as it was written. Read it with `minutesOf`. */
export const durationField = v.pipe(
  v.string(DURATION_EXPECTED),
  v.check((text) => parseDuration(text) !== null, DURATION_EXPECTED),
)

/** An sRGB colour as #RRGGBB. */
export const hexField = v.pipe(
  v.string('a colour such as "#C9C4B4"'),
  v.regex(/^#[0-9a-fA-F]{6}$/, 'a colour such as "#C9C4B4"'),
)

/** A name a person gave: not empty, not a page long. */
export const nameField = v.pipe(
  v.string('a name'),
  v.trim(),
  v.minLength(1, 'a name of 1 to 120 characters'),
  v.maxLength(120, 'a name of 1 to 120 characters'),
)

/** An id: letters, digits, dot, dash and underscore. */
export const idField = v.pipe(
  v.string('an id'),
  v.regex(
    /^[A-Za-z0-9][A-Za-z0-9._-]{0,79}$/,
    'an id of up to 80 letters, digits, ".", "-" or "_"',
  ),
)

/** An instant as ISO 8601 with a zone or Z. */
export const instantField = v.pipe(
  v.string('an instant such as "2026-03-14T19:00:00Z"'),
  v.check(
    (text) =>
      /^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:\d\d)$/.test(text) &&
      Number.isFinite(Date.parse(text)),
    'an instant such as "2026-03-14T19:00:00Z"',
  ),
)

/** A note of the modeller's own; left out where there is none. */
export const noteField = v.optional(
  v.pipe(v.string(), v.maxLength(4000, 'a note of up to 4000 characters')),
)

/** A day of the calendar. */
export const dateField = v.pipe(
  v.string(),
  v.regex(/^\d{4}-\d\d-\d\d$/, 'a date such as "2026-03-14"'),
  v.check((text) => Number.isFinite(Date.parse(`${text}T00:00:00Z`)), 'a date of the calendar'),
)
