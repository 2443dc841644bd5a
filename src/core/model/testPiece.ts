import * as v from 'valibot'
import {
  hexField,
  idField,
  instantField,
  nameField,
  noteField,
  ranged,
  wholeRanged,
} from './fields'
import { actsField } from './sequence'

/** What a test piece is. Source: handbook 13.3. */
export const TEST_GROUNDS = ['spoon', 'card', 'scrap', 'inside'] as const

/** What a test piece is. */
export type TestGround = (typeof TEST_GROUNDS)[number]

/** One of what was tried beside each other. */
const triedSchema = v.looseObject({
  id: idField,
  steps: actsField(60),
  picture: v.optional(idField),
  /** The colour that was read from it. */
  swatch: v.optional(hexField),
  /** How far off that may be, ΔE00. */
  unsure: v.optional(ranged(0, 50, 'ΔE00')),
  note: noteField,
})

/** A test piece: on what, how large, what was tried on it and how it came out. Source: docs/formats.md, handbook 13.3. */
export const testPieceSchema = v.looseObject({
  id: idField,
  name: nameField,
  at: instantField,
  on: v.picklist(TEST_GROUNDS),
  areaCm2: ranged(0.1, 10_000, 'cm²'),
  /** The step that it was asked for. */
  build: v.optional(idField),
  step: v.optional(idField),
  tried: v.pipe(
    v.array(triedSchema),
    v.minLength(1, 'a list of 1 to 8'),
    v.maxLength(8, 'a list of 1 to 8'),
  ),
  /** The one that was chosen. */
  chosen: v.optional(idField),
  /** Left out: it isn't said yet. */
  result: v.optional(v.picklist(['good', 'bad'])),
  /** Good after so many tries. */
  tries: v.optional(wholeRanged(1, 100, 'tries')),
})

/** A test piece. */
export type TestPiece = v.InferOutput<typeof testPieceSchema>
