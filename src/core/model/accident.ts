import * as v from 'valibot'
import { idField, instantField, nameField, noteField } from './fields'
import { actStepSchema } from './sequence'

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
  steps: v.pipe(
    v.array(actStepSchema),
    v.minLength(1, 'a list of 1 to 20 acts'),
    v.maxLength(20, 'a list of 1 to 20 acts'),
  ),
})

/** An accident that was liked. */
export type Accident = v.InferOutput<typeof accidentSchema>
