import * as v from 'valibot'
import { idField, noteField, wholeRanged } from './fields'

/** What is wrong with a place before it is painted. Source: handbook 12.4. */
export const SPOT_KINDS = [
  'flash',
  'seam',
  'sink',
  'stump',
  'supports',
  'pinhole',
  'scratch',
  'ejector',
  'texture',
  'hole',
  'fit',
] as const

/** A kind of spot. */
export type SpotKind = (typeof SPOT_KINDS)[number]

/** How far a spot is: found, filled, sanded, seen good under primer. Source: handbook 12.4. */
export const SPOT_STATES = ['found', 'filled', 'sanded', 'good'] as const

/** How far a spot is. */
export type SpotState = (typeof SPOT_STATES)[number]

/** A place of a part that wants mending before colour. Source: handbook 12.4. */
export const spotSchema = v.looseObject({
  id: idField,
  kind: v.picklist(SPOT_KINDS),
  zone: v.optional(idField),
  /** Found, where nothing is said. */
  state: v.optional(v.picklist(SPOT_STATES)),
  /** The round of looking in which it was found, from 1. */
  round: v.optional(wholeRanged(1, 20, '(round)')),
  /** How many there are: support stumps come in fields. */
  count: v.optional(wholeRanged(1, 10_000, 'spots')),
  note: noteField,
})

/** A spot that was read. */
export type Spot = v.InferOutput<typeof spotSchema>
