import type { Curve } from '../spectrum'
import type { Best } from './best'
import { type Bounds, isOutside } from './bounds'
import { mixRatio, type Pigment } from './palette'
import type { Sight } from './sight'
import type { Vec } from './triangle'

/** What a search works with; `scratch` holds the K/S of the mix just looked at. */
export type Work = {
  pigments: readonly Pigment[]
  sight: Sight
  best: Best
  maxDrops: number
  /** Every ratio of three bottles. */
  threes: readonly (readonly number[])[]
  scratch: Curve
  /** Where each bottle lies when the colour is straightened round about the target. */
  points: readonly Vec[]
  /** Between what the colours of mixes surely lie; null where a bottle scatters by wavelength. */
  bounds: Bounds | null
}

/** ΔE00 of some drops; Infinity as soon as it is surely over a limit. */
export function differenceOf(
  { sight, pigments, scratch }: Work,
  set: readonly number[],
  drops: readonly number[],
  limit: number,
): number {
  return sight.difference(mixRatio(pigments, set, drops, scratch), limit)
}

/** Tries ratios of one set and offers the best. */
export function tryAll(work: Work, set: number[], ratios: readonly (readonly number[])[]): void {
  const { best, bounds, sight } = work
  let limit = best.limit(set.length)
  let ranges = sight.ranges(limit)
  let drops: readonly number[] | null = null
  for (const ratio of ratios) {
    if (bounds && isOutside(bounds, set, ratio, ranges)) continue
    const difference = differenceOf(work, set, ratio, limit)
    if (difference >= limit) continue
    limit = difference
    ranges = sight.ranges(limit)
    drops = ratio
  }
  if (drops) best.offer({ set, drops: [...drops], difference: limit })
}
