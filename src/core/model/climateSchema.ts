import * as v from 'valibot'
import { ranged } from './fields'
import { AIRS } from './vocabulary'

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
