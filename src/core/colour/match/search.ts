import type { Curve } from '../spectrum'
import { type Best, keepBest } from './best'
import { boundsOf, isPairOutside } from './bounds'
import { exchanged, extended } from './climb'
import type { Pigment } from './palette'
import { reducedRatios } from './ratios'
import type { Sight } from './sight'
import { dot, nearestOnLine, triangleDistance, type Vec } from './triangle'
import { tryAll, type Work } from './work'

/** What recipes are looked for: bottles, drops and how many answers. */
export type MatchOptions = {
  /** 1 to 4. */
  maxBottles: number
  maxDrops: number
  /** Up to so many bottles every three are tried with every ratio; beyond, a screen comes first. */
  exhaustiveUpTo?: number | undefined
  /** Told how far the search is, 0 to 1. */
  onProgress?: ((share: number) => void) | undefined
}

/** Up to so many bottles every triple is tried with every ratio. Source: handbook 5.4. */
const EXHAUSTIVE = 24

/**
 * The best drops of every set of bottles that may count, by size. Exact for one and two bottles, and for three of up to 24
 * bottles; for three of more a screen leaves out what can't come near; four extend the best threes.
 *
 * Source: handbook 5.4.
 */
export function search(
  pigments: readonly Pigment[],
  sight: Sight,
  target: Curve,
  options: MatchOptions,
): Best {
  const { maxDrops, maxBottles } = options
  const work = {
    pigments,
    sight,
    best: keepBest(),
    maxDrops,
    threes: maxBottles >= 3 ? reducedRatios(3, maxDrops) : [],
    scratch: new Float64Array(target.length),
    points: pointsOf(sight, target, pigments),
    bounds: boundsOf(sight, target, pigments),
  }
  const tell = options.onProgress ?? (() => {})
  for (let i = 0; i < pigments.length; i++) tryAll(work, [i], [[1]])
  if (maxBottles >= 2 && maxDrops >= 2) pairs(work, (share) => tell(share * 0.3))
  if (maxBottles >= 3 && maxDrops >= 3) {
    const triples =
      pigments.length <= (options.exhaustiveUpTo ?? EXHAUSTIVE) ? allTriples : screenedTriples
    triples(work, (share) => tell(0.3 + share * 0.6))
  }
  if (maxBottles >= 4 && maxDrops >= 4) extended(work, 3)
  tell(1)
  return work.best
}

/** Every pair; those first that straightened mixes say come nearest, so that the others are soon seen to be too far away. */
function pairs(work: Work, tell: (share: number) => void): void {
  const { bounds, sight, best, points } = work
  const ratios = reducedRatios(2, work.maxDrops)
  const all = points.flatMap((a, i) =>
    points.slice(i + 1).map((b, j) => ({ i, j: i + 1 + j, near: nearestOnLine(a, b).distance })),
  )
  all.sort((a, b) => a.near - b.near)
  all.forEach(({ i, j }, n) => {
    if (n % TOLD === 0) tell(n / all.length)
    if (!bounds || !isPairOutside(bounds, i, j, sight.ranges(best.limit(2))))
      tryAll(work, [i, j], ratios)
  })
}

/** Progress is told after so many pairs. */
const TOLD = 1000

function allTriples(work: Work, tell: (share: number) => void): void {
  const count = work.pigments.length
  for (let i = 0; i < count; i++) {
    for (let j = i + 1; j < count; j++)
      for (let k = j + 1; k < count; k++) tryAll(work, [i, j, k], work.threes)
    tell(i / count)
  }
}

/** How far off a straightened mix may be, in ΔE00, when the real one is to come under a limit. */
const COARSE = (limit: number) => 2.5 * limit + 0.7

/** From this difference on the target is out of reach, ΔE00: straightened about it, mixes say little, and threes are only climbed to. */
const OUT_OF_REACH = 3

/** The bottles by how near their pairs come, so that the limit is low early. */
function nearestFirst({ points }: Work): number[] {
  const near = points.map((a, i) =>
    Math.min(...points.map((b, j) => (i === j ? Math.hypot(...a) : nearestOnLine(a, b).distance))),
  )
  return points.map((_, i) => i).sort((a, b) => (near[a] as number) - (near[b] as number))
}

/**
 * Triples whose mixes can't come near are left out: with the colour straightened round about the target, every bottle is a
 * point, and a mix lies in the triangle of its three. Of the others only the ratios that come near are looked at exactly.
 */
function screenedTriples(work: Work, tell: (share: number) => void): void {
  const { pigments, points, best } = work
  const tried = new Set<string>()
  extended(work, 2, tried)
  if (best.limit(3) > OUT_OF_REACH) {
    exchanged(work, tried)
    return
  }
  const order = nearestFirst(work)
  order.forEach((i, n) => {
    const a = points[i] as Vec
    for (let m = n + 1; m < order.length; m++) {
      const j = order[m] as number
      const b = points[j] as Vec
      const limit = COARSE(best.limit(3))
      const side = nearestOnLine(a, b)
      const [s, t] = side.shares
      const near: Vec = [a[0] * s + b[0] * t, a[1] * s + b[1] * t, a[2] * s + b[2] * t]
      const reach = limit * side.distance
      for (let l = m + 1; l < order.length; l++) {
        const k = order[l] as number
        const c = points[k] as Vec
        // All three lie beyond a plane that is too far away.
        if (side.distance > limit && dot(c, near) > reach) continue
        if (triangleDistance(a, b, c) > limit) continue
        const set = [i, j, k].sort((one, other) => one - other)
        const corners = set.map((one) => points[one] as Vec) as [Vec, Vec, Vec]
        const weights = set.map((one) => (pigments[one] as Pigment).weight)
        tryAll(work, set, nearOrigin(work.threes, corners, weights, limit))
      }
    }
    tell(n / order.length)
  })
}

/** The ratios whose mix of three weighted points lies within a distance of the origin. */
function nearOrigin(
  ratios: readonly (readonly number[])[],
  [a, b, c]: readonly [Vec, Vec, Vec],
  [p = 0, q = 0, r = 0]: readonly number[],
  limit: number,
): (readonly number[])[] {
  const near: (readonly number[])[] = []
  for (const ratio of ratios) {
    const x = p * (ratio[0] as number)
    const y = q * (ratio[1] as number)
    const z = r * (ratio[2] as number)
    const most = limit * (x + y + z)
    const u = x * a[0] + y * b[0] + z * c[0]
    if (u > most || u < -most) continue
    const v = x * a[1] + y * b[1] + z * c[1]
    const w = x * a[2] + y * b[2] + z * c[2]
    if (u * u + v * v + w * w <= most * most) near.push(ratio)
  }
  return near
}

/** Where each bottle lies when the colour is straightened round about a K/S curve. */
function pointsOf(sight: Sight, around: Curve, pigments: readonly Pigment[]): Vec[] {
  const { at, slope } = sight.straighten(around)
  return pigments.map(({ ratio }) => {
    const point: [number, number, number] = [...at]
    for (let band = 0; band < around.length; band++) {
      const off = (ratio[band] as number) - (around[band] as number)
      for (let c = 0; c < 3; c++)
        point[c] = (point[c] as number) + ((slope[c] as Curve)[band] as number) * off
    }
    return point
  })
}
