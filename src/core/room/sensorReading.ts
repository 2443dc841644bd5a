import * as v from 'valibot'
import { instantField, ranged } from '../model/fields'
import { type Parsed, parse, parseJson } from '../model/input'

/**
 * One reading as a bench sensor sends it: a JSON object a line. The simulated sensor and a real one speak the same.
 * Described in docs/formats.md.
 */
export const readingSchema = v.looseObject({
  at: instantField,
  celsius: ranged(-20, 60, '°C'),
  humidity: ranged(0, 100, 'percent relative humidity'),
})

/** One line of a sensor's stream that was read. */
export type SensorReading = v.InferOutput<typeof readingSchema>

/** Reads one line of a sensor's stream. */
export function readStreamLine(line: string): Parsed<SensorReading> {
  const json = parseJson(line)
  return json.ok ? parse(readingSchema, json.value) : json
}
