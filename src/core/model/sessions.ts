import * as v from 'valibot'
import { dateField, instantField, wholeRanged } from './fields'
import { ACTS } from './vocabulary'

/** Days of the week as files name them, Monday first. */
export const DAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const
const CLOCK_EXPECTED = 'a time such as "19:00"'
const clockField = v.pipe(
  v.string(CLOCK_EXPECTED),
  v.regex(/^([01]\d|2[0-3]):[0-5]\d$|^24:00$/, CLOCK_EXPECTED),
)
const ENDS_EXPECTED = 'a session that ends after it begins, or within 12 h past midnight'

/** Later on the same day, or past midnight and no longer than half a day: 22:00 to 01:00. */
function endsInTime(one: { from: string; to: string }): boolean {
  if (one.to > one.from) return true
  const minutes = (clock: string) => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3))
  return one.to < one.from && minutes(one.to) + 1440 - minutes(one.from) <= 720
}

const sessionSchema = v.pipe(
  v.looseObject({ day: v.picklist(DAYS), from: clockField, to: clockField }),
  v.check((one) => endsInTime(one), ENDS_EXPECTED),
)
const exceptionSchema = v.looseObject({
  date: dateField,
  /** No session on that day; otherwise the times replace the day's own. */
  off: v.optional(v.boolean()),
  from: v.optional(clockField),
  to: v.optional(clockField),
})

const extraSchema = v.pipe(
  v.looseObject({ date: dateField, from: clockField, to: clockField }),
  v.check((one) => endsInTime(one), ENDS_EXPECTED),
)

/** An IANA time zone. */
export const zoneField = v.pipe(
  v.string(),
  v.check((zone) => isZone(zone), 'a time zone such as "Europe/Lisbon"'),
)

/** When the modeller is at the bench: weekly sessions, days away and single days, in a zone. */
export const sessionsSchema = v.looseObject({
  zone: zoneField,
  pattern: v.pipe(v.array(sessionSchema), v.maxLength(50, 'a list of up to 50 sessions a week')),
  exceptions: v.optional(v.array(exceptionSchema)),
  /** Sessions beside those of the pattern, on single days. */
  extra: v.optional(v.array(extraSchema)),
  /** Without power: no compressor, from one instant to another. */
  outages: v.optional(v.array(v.looseObject({ from: instantField, to: instantField }))),
  /** No compressor and no sanding between these times; may run past midnight. */
  quiet: v.optional(v.nullable(v.looseObject({ from: clockField, to: clockField }))),
  /** The room is slept in: so many minutes at the end of a session without solvents that smell. */
  airMinutes: v.optional(wholeRanged(0, 240, 'minutes')),
  /** How many airbrushes there are: each holds a paint; 1 unless said. */
  airbrushes: v.optional(wholeRanged(1, 6, 'airbrushes')),
  /** Places to dry in, in the box or on the rack; enough unless said. */
  dryingPlaces: v.optional(wholeRanged(1, 100, 'places')),
  /** Clean-out of the airbrush between different paints, minutes. */
  changeoverMinutes: v.optional(wholeRanged(0, 120, 'minutes')),
  /** Acts that the modeller is new at: each asks for a test piece. Source: handbook 13.3. */
  newAt: v.optional(v.array(v.picklist(ACTS))),
})

/** Times at the bench that were read. */
export type Sessions = v.InferOutput<typeof sessionsSchema>

/** Is it an IANA time zone? */
export function isZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone })
    return true
  } catch {
    return false
  }
}
