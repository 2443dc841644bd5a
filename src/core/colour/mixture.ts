import { labInside, type Optics, opaque, opticsOf, type Paint } from './optics'
import type { Lab } from './spectrum'

/** A paint and how much of it is in a mix: any unit of volume of undiluted paint. */
export type Portion = { paint: Paint; amount: number }

/**
 * The optics of a mix: K = Σcᵢtᵢ·Kᵢ/Σcᵢtᵢ, S likewise, with c the volume of paint and t its strength. Thinner is clear, and
 * isn't among the portions.
 *
 * @throws RangeError if there is no paint in it
 * Source: handbook 5.1.
 */
export function mixOptics(portions: readonly Portion[]): Optics {
  const weights = portions.map(({ paint, amount }) => amount * (paint.strength ?? 1))
  const total = weights.reduce((sum, weight) => sum + weight, 0)
  if (!(total > 0)) throw new RangeError('mixOptics: there is no paint in the mix')
  const all = portions.map(({ paint }) => opticsOf(paint))
  const blend = (of: keyof Optics) =>
    (all[0] as Optics)[of].map(
      (_, band) =>
        all.reduce((sum, one, i) => sum + (weights[i] ?? 0) * (one[of][band] ?? 0), 0) / total,
    )
  return { k: blend('k'), s: blend('s') }
}

/** The colour of a mix laid on until it hides. @throws RangeError if there is no paint in it. Source: handbook 5.1. */
export function mixColour(portions: readonly Portion[]): Lab {
  return labInside(opaque(mixOptics(portions)))
}
