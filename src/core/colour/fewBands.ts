import { damping, type Optics } from './optics'
import type { Curve } from './spectrum'

/** Wavelengths that stand for all 31 where many places are reckoned, as indices of a curve: 430 to 640 nm. Source: handbook 10.3. */
const PICKED = [3, 6, 8, 10, 11, 14, 17, 19, 21, 24] as const

/** How many wavelengths that is. */
export const FEW = PICKED.length

/**
 * What each of them weighs in the linear channels, fitted to the 31 over mixed stacks (scripts/fitBands.ts); each channel's sum 1.
 * Source: handbook 10.3.
 */
const WEIGHTS = [
  [
    0.048512, 0.024191, -0.088895, -0.026501, -0.214932, -0.167354, 0.223784, 0.329901, 0.490145,
    0.381149,
  ],
  [
    -0.046669, -0.044587, 0.060848, 0.048318, 0.224659, 0.493384, 0.241251, 0.059649, 0.000155,
    -0.037008,
  ],
  [
    0.413744, 0.499062, 0.142694, 0.102838, -0.064918, -0.031449, -0.033866, -0.014359, -0.00927,
    -0.004476,
  ],
] as const

/** The weights of the three channels, one after the other: red's ten, green's ten, blue's ten. */
export const FEW_WEIGHTS: Float64Array = Float64Array.from(WEIGHTS.flat())

/** A curve at the few wavelengths. */
export function fewOf(curve: Curve): Float64Array {
  return Float64Array.from(PICKED, (band) => curve[band] as number)
}

/** Steps of a film's table over √X. Source: handbook 10.3. */
export const FILM_STEPS = 512

/** What a film does at every thickness up to its most: p and q of each of the few wavelengths, step by step over √X. */
export type FilmTable = { pq: Float64Array; perRoot: number }

/**
 * A film's table: R ← (R·(1 − q) + p)/(1 + q − R·p) with p = s·T and q = (k + s)·T.
 *
 * @param most the greatest thickness asked, X > 0
 * Source: handbook 10.3.
 */
export function filmTable(optics: Optics, most: number): FilmTable {
  const root = Math.sqrt(most)
  const pq = new Float64Array(FILM_STEPS * FEW * 2)
  for (let step = 0; step < FILM_STEPS; step++) {
    const thickness = ((root * step) / (FILM_STEPS - 1)) ** 2
    PICKED.forEach((band, b) => {
      const k = (optics.k[band] as number) * thickness
      const s = (optics.s[band] as number) * thickness
      const t = damping(k, s)
      const at = (step * FEW + b) * 2
      pq[at] = s * t
      pq[at + 1] = (k + s) * t
    })
  }
  return { pq, perRoot: (FILM_STEPS - 1) / root }
}
