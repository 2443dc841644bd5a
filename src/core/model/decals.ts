import * as v from 'valibot'
import { idField, nameField, ranged, wholeRanged } from './fields'
import { DECAL_FILMS, DECAL_GROUNDS, HANDS } from './vocabulary'

/** One motif of a sheet, and how many there are. Source: handbook 12.5. */
export const decalSchema = v.looseObject({
  id: idField,
  name: nameField,
  widthMm: ranged(0.1, 1000, 'mm'),
  heightMm: ranged(0.1, 1000, 'mm'),
  count: wholeRanged(0, 1000, 'decals'),
  hand: v.optional(v.picklist(HANDS)),
})

/** A motif of a sheet that was read. */
export type Decal = v.InferOutput<typeof decalSchema>

/** A sheet of decals. Source: handbook 12.5. */
export const sheetSchema = v.looseObject({
  id: idField,
  name: nameField,
  /** The usual one, where nothing is said. */
  film: v.optional(v.picklist(DECAL_FILMS)),
  /** The scale that it was printed for, where it is another than the build's. */
  scale: v.optional(ranged(1, 5000)),
  decals: v.pipe(v.array(decalSchema), v.maxLength(500, 'a list of up to 500 decals')),
})

/** A sheet that was read. */
export type DecalSheet = v.InferOutput<typeof sheetSchema>

/** Where a decal is wanted. Source: handbook 12.5. */
export const decalPlaceSchema = v.looseObject({
  id: idField,
  part: idField,
  zone: v.optional(idField),
  name: nameField,
  widthMm: ranged(0.1, 1000, 'mm'),
  heightMm: ranged(0.1, 1000, 'mm'),
  hand: v.optional(v.picklist(HANDS)),
  over: v.optional(v.picklist(DECAL_GROUNDS)),
  /** How many panel lines it crosses. */
  lines: v.optional(wholeRanged(0, 50, 'lines')),
  /** It was laid, and looked at in raking light once dry. */
  laid: v.optional(v.boolean()),
  looked: v.optional(v.boolean()),
})

/** A place that was read. */
export type DecalPlace = v.InferOutput<typeof decalPlaceSchema>
