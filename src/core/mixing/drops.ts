import { GOOD_ERROR } from '../knowledge/mixing'
/** What is wanted of each ingredient: millilitres, and how many drops make one. */
export type Wanted = { ml: number; dropsPerMl: number }

/**
 * The worst error of whole drops against the wanted ratio: for every ingredient, how far its share of the mix is off,
 * in percent of the share that was wanted; an unwanted one doesn't count.
 */
export function dropError(wanted: readonly Wanted[], drops: readonly number[]): number {
  const total = wanted.reduce((sum, portion) => sum + portion.ml, 0)
  const got = wanted.map((portion, i) => (drops[i] ?? 0) / portion.dropsPerMl)
  const all = got.reduce((sum, ml) => sum + ml, 0)
  if (all === 0) return 100
  return Math.max(
    0,
    ...wanted.map((portion, i) =>
      portion.ml === 0 ? 0 : Math.abs(((got[i] ?? 0) / all / (portion.ml / total) - 1) * 100),
    ),
  )
}

/** Above this many ingredients each is simply rounded, so that trying both ways stays short. */
const MOST_TRIED = 10

/**
 * Whole drops nearest the ratio at the wanted size: each ingredient rounded down or up, whichever together err least; at
 * least one drop of everything that is wanted.
 */
export function roundToDrops(wanted: readonly Wanted[]): number[] {
  const exact = wanted.map((portion) => portion.ml * portion.dropsPerMl)
  let choices: number[][] = [[]]
  exact.forEach((drops) => {
    const least = drops > 0 ? 1 : 0
    const ways =
      wanted.length > MOST_TRIED
        ? [Math.max(least, Math.round(drops))]
        : [...new Set([Math.max(least, Math.floor(drops)), Math.max(least, Math.ceil(drops))])]
    choices = choices.flatMap((head) => ways.map((way) => [...head, way]))
  })
  const off = (drops: readonly number[]) =>
    drops.reduce((sum, n, i) => sum + Math.abs(n - (exact[i] ?? 0)), 0)
  return choices.reduce((best, drops) => {
    const gain = dropError(wanted, best) - dropError(wanted, drops)
    return gain > 1e-9 || (gain > -1e-9 && off(drops) < off(best)) ? drops : best
  })
}

/** How large a mix is looked through for one that rounds well, millilitres. */
const LARGEST_ML = 50

/** The smallest size, by tenths of a millilitre, whose whole drops stay within 2 %; null when none up to 50 ml does. */
export function smallestGoodSize(wanted: readonly Wanted[]): number | null {
  const total = wanted.reduce((sum, portion) => sum + portion.ml, 0)
  if (total === 0) return null
  for (let tenth = 1; tenth <= LARGEST_ML * 10; tenth++) {
    const scaled = wanted.map((portion) => ({
      ...portion,
      ml: (portion.ml / total) * (tenth / 10),
    }))
    if (dropError(scaled, roundToDrops(scaled)) <= GOOD_ERROR) return tenth / 10
  }
  return null
}
