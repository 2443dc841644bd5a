import * as v from 'valibot'
import {
  dateField,
  hexField,
  idField,
  instantField,
  nameField,
  noteField,
  ranged,
  wholeRanged,
} from './fields'
import { productSchema } from './sequence'
import { FAMILIES, ROLES, SHEENS, SOLVENTS } from './vocabulary'

/** What was done to a bottle's lid: nothing, opened, or its can let out into a jar. */
export const BOTTLE_STATES = ['sealed', 'open', 'decanted'] as const

/** A bottle, can, jar or marker on the shelf, with what its label and sheet say. Source: docs/formats.md. */
export const bottleSchema = v.looseObject({
  id: idField,
  name: nameField,
  maker: v.optional(v.pipe(v.string(), v.maxLength(80, 'a maker of up to 80 characters'))),
  family: v.picklist(FAMILIES),
  role: v.picklist(ROLES),
  sheen: v.optional(v.picklist(SHEENS)),
  colour: v.optional(hexField),
  solvent: v.optional(v.picklist(SOLVENTS)),
  sizeMl: ranged(0.1, 5000, 'ml'),
  /** What was in it, ml, at `leftSince`: what the log says of it since then comes on top. Left out: it is so now. */
  leftMl: ranged(0, 5000, 'ml'),
  leftSince: v.optional(instantField),
  /** Paint share of what was in it then: 1 is neat. */
  share: v.optional(ranged(0.01, 1, '(paint share)')),
  /** Bottled ready to use, as washes and filters are unless they say otherwise. */
  workingStrength: v.optional(v.boolean()),
  dropsPerMl: v.optional(ranged(1, 200, 'drops to the ml')),
  state: v.optional(v.picklist(BOTTLE_STATES)),
  decantedAt: v.optional(instantField),
  /** How the lid of decanted paint lies: resting on it, or closed. */
  lid: v.optional(v.picklist(['resting', 'closed'])),
  product: v.optional(productSchema),
  /** Its look over white after one normal light coat. */
  undertone: v.optional(hexField),
  /** The colour that it wants under it: white beneath a light blue. */
  undercoat: v.optional(hexField),
  /** Normal light coats until it hides. */
  hiding: v.optional(ranged(0.2, 200, 'light coats')),
  /** Tinting strength in a mix, 1 like most. */
  strength: v.optional(ranged(0.05, 20)),
  /** g/ml. */
  density: v.optional(ranged(0.3, 5, 'g/ml')),
  /** The maker's code. */
  code: v.optional(v.pipe(v.string(), v.maxLength(40, 'a code of up to 40 characters'))),
  /** Codes that it had before, the oldest first. */
  earlierCodes: v.optional(v.array(v.looseObject({ code: v.string(), until: instantField }))),
  /** Where it was bought. */
  boughtAt: v.optional(v.pipe(v.string(), v.maxLength(120, 'a place of up to 120 characters'))),
  /** How long a wash of it can be worked on, hours. */
  reworkHours: v.optional(ranged(0, 24 * 60, 'hours')),
  /** The day it was opened, and how long it keeps from then on, months. */
  openedOn: v.optional(dateField),
  keepsMonths: v.optional(wholeRanged(1, 600, 'months')),
  /** What the full bottle cost, in the modeller's own money. */
  price: v.optional(ranged(0, 100000)),
  /** Every time something was poured into it: paint share before and after. */
  thinnings: v.optional(
    v.array(
      v.looseObject({
        at: instantField,
        addedMl: ranged(0.01, 5000, 'ml'),
        addedShare: ranged(0, 1, '(paint share of what was added)'),
        with: v.optional(nameField),
        shareAfter: ranged(0, 1, '(paint share)'),
      }),
    ),
  ),
  note: noteField,
})

/** What stands on the shelf. */
export type Bottle = v.InferOutput<typeof bottleSchema>
