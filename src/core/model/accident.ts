import * as v from 'valibot'
import { idField, instantField, nameField, noteField } from './fields'
import { actsField } from './sequence'

/** An accident that was liked: where it came up, what made it, and the acts that make it again. Source: docs/formats.md, handbook 13.5. */
export const accidentSchema = v.looseObject({
  id: idField,
  name: nameField,
  at: instantField,
  build: idField,
  part: idField,
  zone: v.optional(idField),
  /** The step at which it came up: what is said of it there is meant. */
  step: v.optional(idField),
  picture: v.optional(idField),
  cause: noteField,
  steps: actsField(20),
})

/** An accident that was liked. */
export type Accident = v.InferOutput<typeof accidentSchema>
