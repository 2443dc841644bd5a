import type { Curve } from '../spectrum'
import type { Pigment } from './palette'
import type { Ranges, Sight } from './sight'

/**
 * Two values of X, Y and Z for each bottle: its own, and what it would have were its light straightened round about the target.
 * What is seen falls with K/S along a curve that bends upwards, and K/S of a mix is the weighted mean of those of its bottles. So
 * X, Y and Z of every mix lie above the mean of the second and below the mean of the first, surely.
 */
export type Bounds = { weight: Float64Array; most: Float64Array[]; least: Float64Array[] }

/** null where a bottle scatters by wavelength: K/S of its mixes is no mean. */
export function boundsOf(sight: Sight, target: Curve, pigments: readonly Pigment[]): Bounds | null {
  if (pigments.some(({ flat }) => !flat)) return null
  const own = pigments.map(({ ratio }) => sight.stimulus(ratio))
  return {
    weight: Float64Array.from(pigments, (value) => value.weight),
    most: [0, 1, 2].map((c) => Float64Array.from(own, (value) => value[c] as number)),
    least: sight
      .tangents(target)
      .map(({ at, slope }) =>
        Float64Array.from(pigments, ({ ratio }) =>
          ratio.reduce((sum, q, i) => sum + (slope[i] as number) * (q - (target[i] as number)), at),
        ),
      ),
  }
}

/** Is a mix surely too far from the target? */
export function isOutside(
  { weight, most, least }: Bounds,
  set: readonly number[],
  drops: readonly number[],
  ranges: Ranges,
): boolean {
  for (let c = 0; c < 3; c++) {
    let all = 0
    let high = 0
    let low = 0
    for (let i = 0; i < set.length; i++) {
      const one = set[i] as number
      const share = (drops[i] as number) * (weight[one] as number)
      all += share
      high += share * ((most[c] as Float64Array)[one] as number)
      low += share * ((least[c] as Float64Array)[one] as number)
    }
    const [from, to] = ranges[c] as [number, number]
    if (high < from * all || low > to * all) return true
  }
  return false
}

/** Is every mix of two bottles surely too far from the target? */
export function isPairOutside(
  { most, least }: Bounds,
  i: number,
  j: number,
  ranges: Ranges,
): boolean {
  for (let c = 0; c < 3; c++) {
    const high = most[c] as Float64Array
    const low = least[c] as Float64Array
    const [from, to] = ranges[c] as [number, number]
    if ((high[i] as number) < from && (high[j] as number) < from) return true
    if ((low[i] as number) > to && (low[j] as number) > to) return true
  }
  return false
}
