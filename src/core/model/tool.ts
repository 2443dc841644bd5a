import * as v from 'valibot'
import { idField, nameField, noteField, ranged, wholeRanged } from './fields'
import { TOOL_KINDS } from './vocabulary'

/** A tool, thinner or thing that is used up, with how much there is. Source: docs/formats.md. */
export const toolSchema = v.looseObject({
  id: idField,
  kind: v.picklist(TOOL_KINDS),
  name: nameField,
  /** Of a nozzle or the width of a brush, mm. */
  sizeMm: v.optional(ranged(0.05, 100, 'mm')),
  /** What a cup holds, ml. */
  holdsMl: v.optional(ranged(0.1, 1000, 'ml')),
  /** How many uses it lasts: the pieces of a pack, the jobs of a blade. */
  lasts: v.optional(wholeRanged(1, 100000, 'uses')),
  /** What it cost, or the whole pack, in the modeller's own money. */
  price: v.optional(ranged(0, 100000)),
  note: noteField,
})

/** A tool or supply on the bench. */
export type BenchTool = v.InferOutput<typeof toolSchema>
