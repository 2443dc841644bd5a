import * as v from 'valibot'
import { hexField, nameField, ranged } from '../model/fields'

/** A paint's optics as a file gives them. Source: handbook 5.1. */
export const paintSchema = v.looseObject({
  masstone: hexField,
  undertone: v.optional(hexField),
  hiding: v.optional(ranged(0.2, 200, 'light coats')),
  strength: v.optional(ranged(0.05, 20)),
})

/** A bottle that a mix may take drops of. */
export const matchBottleSchema = v.looseObject({
  ...paintSchema.entries,
  name: nameField,
  share: v.optional(ranged(0.01, 1, '(paint share of the bottle)')),
  dropsPerMl: v.optional(ranged(1, 200, 'drops to the ml')),
})

const BOTTLES = 'a list of 1 to 1000 bottles'

/** Bottles of a request, 1 or more, each by a name of its own. */
export const bottlesField = v.pipe(
  v.array(matchBottleSchema, BOTTLES),
  v.minLength(1, BOTTLES),
  v.maxLength(1000, BOTTLES),
)

/** Paints that can't be: a white that absorbs nothing. Source: handbook 5.1. */
export function paintWarnings(masstones: readonly string[]): string[] {
  return masstones.some((masstone) => /^#f{6}$/i.test(masstone))
    ? [
        'A masstone of #FFFFFF absorbs nothing, which no paint does: #F4F4F2 is nearer to a real white.',
      ]
    : []
}

/** The colour requests may leave out their format; where they say one, it has to be this. */
export function formatFields<const T extends string>(format: T) {
  return { format: v.optional(v.literal(format)), version: v.optional(v.literal(1)) }
}
