import Fraction from 'fraction.js'
import { DROPS_PER_ML, GOOD_ERROR, MARGIN, type MixCoat, type MixTool } from '../knowledge/mixing'
import { percent } from '../model/percent'
import { isBrush, mixVolume } from './coverage'
import { dropError, roundToDrops, smallestGoodSize } from './drops'
import { exactOf, exactParts, sayRatio, wholeParts } from './ratio'

/** One thing that goes into a mix, by parts. */
export type Ingredient = {
  name: string
  /** Of neat paint, where it is paint. */
  parts: number
  /** Paint share of the bottle: 1 neat, 0 thinner. Default 1 for the first, 0 for the others. */
  share?: number | undefined
  dropsPerMl?: number | undefined
}

/** What is to be mixed, and how much of it. */
export type MixRequest = {
  /** Paint first. */
  ingredients: readonly Ingredient[]
  /** Either the volume, or the area with its coats. */
  volumeMl?: number | undefined
  area?: number | undefined
  coats?: readonly MixCoat[] | undefined
  tool?: MixTool | undefined
  open?: boolean | undefined
  margin?: number | undefined
  cupMl?: number | undefined
  round?: 'drops' | 'none' | undefined
}

/** One thing of a mix as it is poured: ml, drops and grams. */
export type MixedIngredient = {
  name: string
  ml: number
  /** Whole drops when rounded to drops, else as many as the volume holds. */
  drops: number
  percentOfMix: number
  /** Relative to the paint, that is the first ingredient. */
  percentAdded: number
}

/** A mix as it is poured, with its ratio in whole numbers. Source: handbook 4. */
export type Mix = {
  ingredients: MixedIngredient[]
  /** As poured, in smallest whole numbers: "paint 5 : thinner 1". */
  ratio: string
  /** Worst error of the rounded drops, percent; 0 when nothing is rounded. */
  errorPercent: number
  fills: number
  /** One fill, ml. */
  fillMl: number
  totalMl: number
  /** Paint share of the finished mix. */
  paintShare: number
  warnings: string[]
}

/** What is poured of each bottle, in parts, once the thinner that a thinned bottle brings is taken off. */
type Poured = { parts: Fraction[]; short: Fraction }

function shareOf(ingredient: Ingredient, index: number): number {
  return ingredient.share ?? (index === 0 ? 1 : 0)
}

/**
 * Makes up for bottles that are thinned already: neat parts become parts of the bottle, and the thinner in it is taken off
 * the thinner that was to be added. Source: handbook 4.3.
 */
function pour(ingredients: readonly Ingredient[]): Poured {
  const wanted = exactParts(ingredients.map((ingredient) => ingredient.parts))
  const shares = ingredients.map((ingredient, i) => exactOf(shareOf(ingredient, i)))
  let brought = new Fraction(0)
  const parts = wanted.map((part, i) => {
    const share = shares[i] as Fraction
    if (share.equals(0)) return part
    const bottle = part.div(share)
    brought = brought.add(bottle.sub(part))
    return bottle
  })
  const rest = parts.map((part, i) => {
    if (!(shares[i] as Fraction).equals(0) || isAdditive(ingredients[i])) return part
    const off = brought.compare(part) > 0 ? part : brought
    brought = brought.sub(off)
    return part.sub(off)
  })
  return { parts: rest, short: brought }
}

/** Flow aid and retarder are no thinner: what a thinned bottle brings is not taken off them. Source: handbook 4.2. */
function isAdditive(ingredient: Ingredient | undefined): boolean {
  return /flow|retard/i.test(ingredient?.name ?? '')
}

/** Drops to the millilitre of an ingredient that doesn't say. Source: handbook 4.2. */
function dropsPerMl(ingredient: Ingredient, index: number): number {
  if (ingredient.dropsPerMl !== undefined) return ingredient.dropsPerMl
  if (/flow/i.test(ingredient.name)) return DROPS_PER_ML.flowAid
  return shareOf(ingredient, index) > 0 ? DROPS_PER_ML.paint : DROPS_PER_ML.thinner
}

/** What a mix is laid with and how much of it is spare, where a request doesn't say. Source: handbook 4.4. */
export function laidWith({
  tool = 'airbrush',
  margin = MARGIN,
}: Pick<MixRequest, 'tool' | 'margin'>) {
  return { tool, margin }
}

function sizeOf(request: MixRequest): { ml: number; fills: number } {
  const cupMl = request.cupMl ?? null
  if (request.volumeMl !== undefined) {
    const fills = cupMl === null ? 1 : Math.max(1, Math.ceil(request.volumeMl / cupMl - 1e-9))
    return { ml: request.volumeMl, fills }
  }
  if (request.area === undefined) throw new RangeError('mix: says neither volumeMl nor area')
  const laid = laidWith(request)
  return mixVolume({
    ...laid,
    area: request.area,
    coats: request.coats ?? [isBrush(laid.tool) ? 'brush' : 'light'],
    open: request.open ?? false,
    cupMl,
  })
}

/**
 * Amounts of a mix.
 *
 * @throws RangeError if there is no ingredient, no part above zero, or neither volume nor area (the border refuses that)
 * Source: handbook 4.1 to 4.4.
 */
export function mix(request: MixRequest): Mix {
  const { ingredients } = request
  const poured = pour(ingredients)
  const sum = poured.parts.reduce((total, part) => total.add(part), new Fraction(0))
  if (sum.equals(0)) throw new RangeError('mix: every part is zero')
  const size = sizeOf(request)
  const ml = poured.parts.map((part) => part.div(sum).valueOf() * size.ml)
  const wanted = ml.map((value, i) => ({
    ml: value,
    dropsPerMl: dropsPerMl(ingredients[i] as Ingredient, i),
  }))
  const rounded = request.round === 'drops'
  const drops = rounded
    ? roundToDrops(wanted)
    : wanted.map((portion) => portion.ml * portion.dropsPerMl)
  const errorPercent = rounded ? dropError(wanted, drops) : 0
  const paint = ml.reduce(
    (total, value, i) => total + value * shareOf(ingredients[i] as Ingredient, i),
    0,
  )
  return {
    ingredients: ingredients.map((ingredient, i) => ({
      name: ingredient.name,
      ml: ml[i] as number,
      drops: drops[i] as number,
      percentOfMix: ((ml[i] as number) / size.ml) * 100,
      percentAdded: ((ml[i] as number) / (ml[0] as number)) * 100,
    })),
    ratio: sayRatio(
      ingredients.map((ingredient) => ingredient.name),
      wholeParts(poured.parts),
    ),
    errorPercent,
    fills: size.fills,
    fillMl: size.ml / size.fills,
    totalMl: size.ml,
    paintShare: paint / size.ml,
    warnings: warningsOf(request, poured, paint / size.ml, errorPercent, wanted),
  }
}

function warningsOf(
  request: MixRequest,
  poured: Poured,
  share: number,
  errorPercent: number,
  wanted: readonly { ml: number; dropsPerMl: number }[],
): string[] {
  const warnings: string[] = []
  if (poured.short.compare(0) > 0)
    warnings.push(
      `The bottle is thinner than this mix already: it comes out at ${percent(share)} paint instead of ${percent(wantedShare(request))}. Thickening needs neat paint.`,
    )
  if (errorPercent > GOOD_ERROR) {
    const good = smallestGoodSize(wanted)
    warnings.push(
      `Whole drops are ${errorPercent.toFixed(1)} % off the ratio at this size${good === null ? '' : `; from ${good} ml on they can stay within ${GOOD_ERROR} %`}.`,
    )
  }
  return warnings
}

function wantedShare(request: MixRequest): number {
  const parts = request.ingredients.map((ingredient) => ingredient.parts)
  const total = parts.reduce((sum, part) => sum + part, 0)
  const neat = request.ingredients.reduce(
    (sum, ingredient, i) => sum + (shareOf(ingredient, i) > 0 ? ingredient.parts : 0),
    0,
  )
  return neat / total
}
