import { curveOf, type Lab, labOfCurve } from './spectrum'

/** Surface reflection of a film of no gloss at all. Source: handbook 5.2. */
const DULL = 0.02

/** Surface reflection at so many 60° gloss units, share. Source: handbook 5.2. */
export function surfaceReflection(gloss: number): number {
  return DULL * (1 - gloss / 100)
}

/**
 * A colour under another sheen: R′ = R + (σ_new − σ_own)(1 − R), so that matt lightens darks and takes chroma.
 *
 * @param own gloss units that the colour was seen with, 0 to 100
 * @param next gloss units that it gets
 * Source: handbook 5.2.
 */
export function underSheen(hex: string, own: number, next: number): Lab {
  const more = surfaceReflection(next) - surfaceReflection(own)
  return labOfCurve(curveOf(hex).map((r) => Math.min(1, Math.max(0, r + more * (1 - r)))))
}
