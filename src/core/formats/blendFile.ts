import * as v from 'valibot'
import { blend } from '../colour/match/match'
import { hexOf } from '../colour/spectrum'
import { wholeRanged } from '../model/fields'
import { type Parsed, readOptional } from '../model/input'
import { bottlesField, formatFields, paintWarnings } from './paintFields'
import { round } from './round'

const RECIPES = 'a list of 1 to 10000 recipes, each a list of drops'

/** A request for a blend: bottles and the drops of each. Source: docs/formats.md. */
export const blendSchema = v.looseObject({
  ...formatFields('tectoria-blend'),
  bottles: bottlesField,
  /** Drops of each bottle, in the order of the bottles. */
  recipes: v.pipe(
    v.array(v.array(wholeRanged(0, 100000, 'drops'), 'a list of drops'), RECIPES),
    v.minLength(1, RECIPES),
    v.maxLength(10000, RECIPES),
  ),
})

/** A blend request that was read. */
export type BlendFile = v.InferOutput<typeof blendSchema>

/** Reads a blend request. */
export function readBlend(value: unknown): Parsed<BlendFile> {
  const parsed = readOptional(blendSchema, value, 'tectoria-blend', 1)
  if (!parsed.ok) return parsed
  const { bottles, recipes } = parsed.value
  const problems = recipes.flatMap((drops, i) =>
    drops.length === bottles.length && drops.some((n) => n > 0)
      ? []
      : [
          {
            path: `recipes[${i}]`,
            found: JSON.stringify(drops).slice(0, 80),
            expected: `drops of each of the ${bottles.length} bottles, at least one drop in all`,
          },
        ],
  )
  return problems.length > 0 ? { ok: false, problems } : parsed
}

/** The answer of `blend`. Source: docs/formats.md, handbook 5.1. */
export function blendAnswer({ bottles, recipes }: BlendFile) {
  const labs = recipes.map((drops) => blend(bottles, drops))
  return {
    format: 'tectoria-blend-answer',
    version: 1,
    predicted: labs.map(hexOf),
    lab: labs.map(({ l, a, b }) => [round(l, 3), round(a, 3), round(b, 3)]),
    warnings: paintWarnings(bottles.map((bottle) => bottle.masstone)),
  } as const
}
