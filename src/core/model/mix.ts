import * as v from 'valibot'
import { hexField, idField, instantField, nameField, noteField, ranged } from './fields'
import { FAMILIES } from './vocabulary'

/** What is left of a mix in a jar of its own, and what went into it. */
export const storedMixSchema = v.looseObject({
  id: idField,
  name: nameField,
  at: instantField,
  build: v.optional(idField),
  part: v.optional(idField),
  colour: v.optional(hexField),
  family: v.optional(v.picklist(FAMILIES)),
  ingredients: v.pipe(
    v.array(
      v.looseObject({
        name: nameField,
        bottle: v.optional(idField),
        parts: ranged(0.001, 10000, 'parts'),
        share: v.optional(ranged(0, 1, '(paint share)')),
        dropsPerMl: v.optional(ranged(1, 200, 'drops to the ml')),
      }),
    ),
    v.minLength(1, 'a list of at least one ingredient'),
  ),
  volumeMl: ranged(0.01, 10000, 'ml'),
  /** What was left over and kept, ml; 0: used up. */
  leftMl: v.optional(ranged(0, 10000, 'ml')),
  /** Times that a dried left-over was wetted again. */
  rewetted: v.optional(v.array(instantField)),
  note: noteField,
})

/** A mix that was kept. */
export type StoredMix = v.InferOutput<typeof storedMixSchema>
