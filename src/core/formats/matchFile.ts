import * as v from 'valibot'
import { match } from '../colour/match/match'
import { hexField, wholeRanged } from '../model/fields'
import { type Parsed, readOptional } from '../model/input'
import { bottlesField, formatFields, paintWarnings } from './paintFields'
import { round } from './round'

/** A request for a colour from a shelf of bottles. Source: docs/formats.md. */
export const matchSchema = v.looseObject({
  ...formatFields('tectoria-match'),
  target: hexField,
  bottles: bottlesField,
  maxBottles: v.optional(wholeRanged(1, 4, 'bottles')),
  maxDrops: v.optional(wholeRanged(1, 24, 'drops')),
})

/** A match request that was read. */
export type MatchFile = v.InferOutput<typeof matchSchema>

/** What is looked through where the request doesn't say. Source: handbook 5.4. */
const BOTTLES = 3
const DROPS = 12

/** Reads a match request. */
export function readMatch(value: unknown): Parsed<MatchFile> {
  return readOptional(matchSchema, value, 'tectoria-match', 1)
}

/** The answer of `match`. Source: docs/formats.md, handbook 5.4. */
export function matchAnswer({
  target,
  bottles,
  maxBottles = BOTTLES,
  maxDrops = DROPS,
}: MatchFile) {
  return {
    format: 'tectoria-match-answer',
    version: 1,
    recipes: match(target, bottles, { maxBottles, maxDrops }).map((recipe) => ({
      parts: recipe.parts.map(({ name, drops }) => ({ name, drops })),
      predicted: recipe.predicted,
      deltaE00: round(recipe.deltaE00, 4),
    })),
    warnings: paintWarnings(bottles.map((bottle) => bottle.masstone)),
  } as const
}
