import * as v from 'valibot'
import { idField, instantField, nameField, ranged } from './fields'
import { AIRS, FAMILIES } from './vocabulary'

/** The air of the room as a sensor read it at an instant. */
export const climateReadingSchema = v.looseObject({
  id: idField,
  at: instantField,
  celsius: ranged(-20, 60, '°C'),
  humidity: ranged(0, 100, 'percent relative humidity'),
  air: v.optional(v.picklist(AIRS)),
})

/** A reading of the room's air. */
export type ClimateReading = v.InferOutput<typeof climateReadingSchema>

/** What was seen of a family's films against the table: a factor on its clock. Source: handbook 3.2. */
export const correctionSchema = v.looseObject({
  id: idField,
  family: v.picklist(FAMILIES),
  /** The bottle it is for; left out: the whole family. */
  bottle: v.optional(idField),
  /** Factor on the drying time, k, instead of what the log says; 1 goes back to the sheet. */
  factor: ranged(0.25, 4),
})

/** An act that was put into a session by hand: it begins between these instants. */
export const pinSchema = v.pipe(
  v.looseObject({
    /** Build, part and step, as `build/part/step`. */
    id: v.pipe(v.string(), v.minLength(5, 'an id such as "build/part/step"'), v.maxLength(300)),
    from: instantField,
    to: instantField,
  }),
  v.check((one) => Date.parse(one.to) > Date.parse(one.from), 'a pin that ends after it begins'),
)

/** A task that the modeller set to a time or a session. */
export type Pin = v.InferOutput<typeof pinSchema>

/** What a timer counts that is no film on a part. */
export const TIMER_KINDS = [
  'pot-life',
  'gassing-off',
  'decal',
  'release',
  'warm-air',
  'shaking',
  'warming',
  'other',
] as const

/** A clock of its own beside those of films: a soak, a pot life, a rest. */
export const timerSchema = v.looseObject({
  id: idField,
  kind: v.picklist(TIMER_KINDS),
  name: nameField,
  startedAt: instantField,
  minutes: ranged(0.25, 60 * 24 * 30, 'minutes'),
  /** The bottle that isn't used until it ends: it is shaken, or stands in warm water. */
  bottle: v.optional(idField),
  /** When it was stopped by hand. */
  stoppedAt: v.optional(instantField),
})

/** A clock that was set. */
export type Timer = v.InferOutput<typeof timerSchema>
