import * as v from 'valibot'
import { ranged } from './fields'
import { AIRS, type Air } from './vocabulary'

/** The air a film dries in. */
export type Climate = {
  /** Air temperature, °C. */
  celsius: number
  /** Relative humidity, percent. */
  humidity: number
  /** How the air moves; `forced` means that `celsius` is the warm air's own temperature. */
  air: Air
  /** The part's own temperature where it is known (brought in from the cold), °C. */
  partCelsius?: number | undefined
}

/** The conditions at which every drying time is given. Source: handbook 3.1. */
export const REFERENCE_CLIMATE: Climate = { celsius: 20, humidity: 50, air: 'room' }

const FIELDS = {
  celsius: ranged(-20, 60, '°C'),
  humidity: ranged(0, 100, 'percent relative humidity'),
  air: v.optional(v.picklist(AIRS)),
  partCelsius: v.optional(ranged(-30, 80, '°C')),
}

/** Air round a part: °C, percent of relative humidity, and how it moves. Source: handbook 3.2. */
export const climateSchema = v.looseObject({ ...FIELDS, humidity: v.optional(FIELDS.humidity) })

/** A change of the air: what isn't said stays as it was. */
export const climateChangeSchema = v.looseObject({
  ...FIELDS,
  celsius: v.optional(FIELDS.celsius),
  humidity: v.optional(FIELDS.humidity),
})

/** What changes of the air from a step on. */
export type ClimateChange = v.InferOutput<typeof climateChangeSchema>

/** The climate after a change. */
export function changeClimate(now: Climate, change: ClimateChange | undefined): Climate {
  if (!change) return now
  return {
    celsius: change.celsius ?? now.celsius,
    humidity: change.humidity ?? now.humidity,
    air: change.air ?? now.air,
    partCelsius: change.partCelsius,
  }
}
