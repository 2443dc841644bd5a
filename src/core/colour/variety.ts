import { deltaE00, type Lab } from './spectrum'

/** One tone of several that are seen together, and how much of the surface it has: any unit. */
export type Tone = { lab: Lab; area: number }

/** How much tones differ. */
export type Variety = {
  /** Weighted deviation of lightness, L*. */
  spread: number
  verdict: 'alike' | 'lively' | 'chaotic'
  /** Neighbours, by the index of the first, that can't be told apart, with their ΔE00. */
  tooAlike: { first: number; deltaE00: number }[]
}

/** Under this deviation of lightness tones read as one, over the second they fall apart, L*. */
export const SPREAD_LIVELY = [1.5, 9] as const
/** Neighbours nearer than this look the same beside each other, ΔE00. */
export const TOLD_APART = 2

/**
 * Are tones that lie beside each other neither monotone nor chaotic? Weighted by their areas.
 *
 * @param tones in the order in which they lie
 * @throws RangeError if there is no area
 * Source: handbook 5.6, N44, N87.
 */
export function varietyOf(tones: readonly Tone[]): Variety {
  const all = tones.reduce((sum, { area }) => sum + area, 0)
  if (!(all > 0)) throw new RangeError('varietyOf: the tones have no area')
  const mean = tones.reduce((sum, { lab, area }) => sum + lab.l * area, 0) / all
  const spread = Math.sqrt(
    tones.reduce((sum, { lab, area }) => sum + area * (lab.l - mean) ** 2, 0) / all,
  )
  const [alike, chaotic] = SPREAD_LIVELY
  const tooAlike = tones.flatMap(({ lab }, first) => {
    const next = tones[first + 1]
    const apart = next ? deltaE00(lab, next.lab) : Number.POSITIVE_INFINITY
    return apart < TOLD_APART ? [{ first, deltaE00: apart }] : []
  })
  return {
    spread,
    verdict: spread < alike ? 'alike' : spread > chaotic ? 'chaotic' : 'lively',
    tooAlike,
  }
}

/**
 * Strengths for areas in a row, evenly between two, so ordered that no two neighbours are next to each other in strength.
 *
 * @param count 1 or more
 * Source: handbook 5.6, N48, N87.
 */
export function interleaved(count: number, least: number, most: number): number[] {
  const half = Math.ceil(count / 2)
  const rank = (i: number) => (i % 2 === 0 ? half - 1 - i / 2 : count - 1 - (i - 1) / 2)
  const step = count > 1 ? (most - least) / (count - 1) : 0
  return Array.from({ length: count }, (_, i) => least + step * rank(i))
}
