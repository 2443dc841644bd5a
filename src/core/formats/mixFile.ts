import * as v from 'valibot'
import { MIX_COATS, MIX_TOOLS } from '../knowledge/mixing'
import { isBrush, laysNothing, lostPerFill } from '../mixing/coverage'
import { laidWith, mix } from '../mixing/mix'
import { nameField, ranged } from '../model/fields'
import { formatProblem, type Parsed, parse } from '../model/input'
import { round } from './round'

const ingredientSchema = v.looseObject({
  name: nameField,
  parts: ranged(0.001, 10000, 'parts'),
  share: v.optional(ranged(0, 1, '(paint share of the bottle)')),
  dropsPerMl: v.optional(ranged(1, 200, 'drops to the ml')),
})

const VOLUME_OR_AREA = 'either volumeMl, or area with its coats'

/** A request for a mix: what is poured, in which shares, for which area or amount. Source: docs/formats.md. */
export const mixSchema = v.pipe(
  v.looseObject({
    format: v.literal('tectoria-mix'),
    version: v.literal(1),
    ingredients: v.pipe(
      v.array(ingredientSchema),
      v.minLength(1, 'a list of 1 to 30 ingredients, paint first'),
      v.maxLength(30, 'a list of 1 to 30 ingredients, paint first'),
    ),
    volumeMl: v.optional(ranged(0.01, 10000, 'ml')),
    area: v.optional(ranged(0.01, 1000000, 'cm²')),
    coats: v.optional(
      v.pipe(
        v.array(v.picklist(MIX_COATS)),
        v.minLength(1, 'a list of 1 to 30 coats'),
        v.maxLength(30, 'a list of 1 to 30 coats'),
      ),
    ),
    tool: v.optional(v.picklist(MIX_TOOLS)),
    open: v.optional(v.boolean()),
    margin: v.optional(ranged(0, 2, '(share)')),
    cupMl: v.optional(ranged(0.1, 1000, 'ml')),
    round: v.optional(v.picklist(['drops', 'none'])),
  }),
  v.check(
    (request) => request.volumeMl !== undefined || request.area !== undefined,
    VOLUME_OR_AREA,
  ),
  v.rawCheck(({ dataset, addIssue }) => {
    if (!dataset.typed) return
    const { cupMl, volumeMl } = dataset.value
    const { tool, margin } = laidWith(dataset.value)
    if (cupMl === undefined || volumeMl !== undefined || !laysNothing(cupMl, tool, margin)) return
    const lost = round(lostPerFill(tool, margin), 2)
    const item = { type: 'object', origin: 'value', input: dataset.value, key: 'cupMl' } as const
    addIssue({
      input: cupMl,
      message: `a cup of more than ${lost} ml: as much stays in it and in the needle at each fill`,
      path: [{ ...item, value: cupMl }],
    })
  }),
)

/** A mix request that was read. */
export type MixFile = v.InferOutput<typeof mixSchema>

/** The most coats of a request. */
const MOST_COATS = 30

/** So many coats, said as a number, are light ones, or the brush's own. */
function withCoats(value: Record<string, unknown>): unknown {
  const { coats, tool } = value
  if (typeof coats !== 'number' || !Number.isInteger(coats) || coats < 1 || coats > MOST_COATS)
    return value
  const brushed = MIX_TOOLS.some((otherTool) => otherTool === tool && isBrush(otherTool))
  return { ...value, coats: Array.from({ length: coats }, () => (brushed ? 'brush' : 'light')) }
}

/** Reads a mix request. */
export function readMix(value: unknown): Parsed<MixFile> {
  const problem = formatProblem(value, 'tectoria-mix', 1)
  if (problem) return { ok: false, problems: [problem] }
  const parsed = parse(mixSchema, withCoats(value as Record<string, unknown>))
  if (!parsed.ok) return parsed
  const first = parsed.value.ingredients[0]
  if (first?.share === 0)
    return {
      ok: false,
      problems: [
        {
          path: 'ingredients[0].share',
          found: '0',
          expected: 'a number above 0 and up to 1: the first ingredient is the paint',
        },
      ],
    }
  return parsed
}

/** The answer of `mix`. Source: docs/formats.md. */
export function mixAnswer(request: MixFile) {
  const mixed = mix(request)
  return {
    format: 'tectoria-mix-answer',
    version: 1,
    ingredients: mixed.ingredients.map((ingredient) => ({
      name: ingredient.name,
      ml: round(ingredient.ml, 4),
      drops: round(ingredient.drops, 2),
      percentOfMix: round(ingredient.percentOfMix, 3),
      percentAdded: round(ingredient.percentAdded, 3),
    })),
    ratio: mixed.ratio,
    paintShare: round(mixed.paintShare, 4),
    errorPercent: round(mixed.errorPercent, 3),
    fills: mixed.fills,
    fillMl: round(mixed.fillMl, 4),
    totalMl: round(mixed.totalMl, 4),
    warnings: mixed.warnings,
  } as const
}
