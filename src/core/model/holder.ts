import * as v from 'valibot'
import { idField, ranged, wholeRanged } from './fields'

/** What a part is held by while it is painted and dries. Source: handbook 12.7. */
export const HOLDERS = ['stick', 'clip', 'tape', 'stand', 'hand'] as const

/** A kind of holder. */
export type HolderKind = (typeof HOLDERS)[number]

/** How a part is held. Source: handbook 12.7. */
export const holderSchema = v.looseObject({
  kind: v.picklist(HOLDERS),
  /** How thick a stick is, mm. */
  mm: v.optional(ranged(0.5, 20, 'mm')),
  count: v.optional(wholeRanged(1, 50, 'holders')),
  /** The zone that it holds the part by; left out: where nothing is painted. */
  zone: v.optional(idField),
})

/** How a part is held, read. */
export type Holder = v.InferOutput<typeof holderSchema>
