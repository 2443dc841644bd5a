import * as v from 'valibot'
import { cover } from '../colour/cover'
import { groundOf } from '../colour/optics'
import { hexOf } from '../colour/spectrum'
import { hexField, ranged, wholeRanged } from '../model/fields'
import { type Parsed, readOptional } from '../model/input'
import { formatFields, paintSchema, paintWarnings } from './paintFields'
import { round } from './round'

const GROUNDS = 'a list of 1 to 100 colours'

/** A request for coats over a ground. Source: docs/formats.md. */
export const coverSchema = v.looseObject({
  ...formatFields('tectoria-cover'),
  /** `film`: thickness of a coat against a normal light one. */
  paint: v.looseObject({ ...paintSchema.entries, film: v.optional(ranged(0.01, 20)) }),
  over: v.pipe(v.array(hexField, GROUNDS), v.minLength(1, GROUNDS), v.maxLength(100, GROUNDS)),
  coats: v.optional(wholeRanged(1, 30, 'coats')),
  /** Paint share of the bottle: a thinned one lays thinner films. */
  share: v.optional(ranged(0.01, 1, '(paint share)')),
})

/** A cover request that was read. */
export type CoverFile = v.InferOutput<typeof coverSchema>

/** Coats that are shown where the request doesn't say. */
const COATS = 6

/** Reads a cover request. */
export function readCover(value: unknown): Parsed<CoverFile> {
  return readOptional(coverSchema, value, 'tectoria-cover', 1)
}

/** The answer of `cover`. Source: docs/formats.md, handbook 5.2. */
export function coverAnswer({ paint, over, coats = COATS, share = 1 }: CoverFile) {
  const { film = 1 } = paint
  return {
    format: 'tectoria-cover-answer',
    version: 1,
    over: over.map((background) => {
      const covering = cover(paint, groundOf(background), coats, film * share)
      return {
        background,
        coats: covering.coats.map(hexOf),
        deltaE00: covering.deltaE00.map((value) => round(value, 4)),
        toCover: covering.toCover,
      }
    }),
    warnings: paintWarnings([paint.masstone]),
  } as const
}
