import { faceUnder, groundOf, labInside, layer, opticsOf, type Paint } from './optics'
import { deltaE00, hexOf, type Lab, labOf } from './spectrum'

/** Something thin laid over all, so many times: a filter, a wash, a clear colour, a dusting. */
export type Veil = {
  paint: Paint
  /** Of one pass, X in normal light coats. */
  thickness: number
  /** 1 or more. */
  passes: number
}

/** The look after one pass more. */
export type VeilStep = {
  /** Which veil, from 0, and which of its passes, from 1. */
  veil: number
  pass: number
  lab: Lab
  colour: string
  /** How far it is from the bare face, ΔE00. */
  fromFace: number
  /** How far from what is aimed at; null: nothing is. */
  toTarget: number | null
}

/**
 * The colour of a face after every pass of every veil, the lowest first.
 *
 * @param face and `target` #RRGGBB
 * @throws RangeError if a colour is none
 * Source: handbook 5.2, N16, N32, N86.
 */
export function veilSteps(face: string, veils: readonly Veil[], target?: string): VeilStep[] {
  const [bare, wanted] = [labOf(face), target === undefined ? null : labOf(target)]
  let curve = groundOf(face)
  return veils.flatMap(({ paint, thickness, passes }, veil) => {
    const optics = opticsOf(paint)
    return Array.from({ length: passes }, (_, i): VeilStep => {
      curve = layer(optics, thickness, curve)
      const lab = labInside(curve)
      return {
        veil,
        pass: i + 1,
        lab,
        colour: hexOf(lab),
        fromFace: deltaE00(lab, bare),
        toTarget: wanted && deltaE00(lab, wanted),
      }
    })
  })
}

/** Which pass comes nearest what is aimed at; −1: the bare face is nearer than any of them. Source: N86. */
export function nearestPass(face: string, steps: readonly VeilStep[], target: string): number {
  let [best, least] = [-1, deltaE00(labOf(face), labOf(target))]
  steps.forEach(({ toTarget }, i) => {
    if (toTarget !== null && toTarget < least) [best, least] = [i, toTarget]
  })
  return best
}

/** The face to begin with, and how far its veils then are from what is wanted. */
export type FaceFor = { colour: string; off: number }

/**
 * The face that comes out at a colour once its veils are on it: a lighter one under a wash that darkens all.
 *
 * @param wanted #RRGGBB
 * @returns the nearest there is: `off` says how near, ΔE00
 * Source: handbook 5.2, N31.
 */
export function faceFor(wanted: string, veils: readonly Veil[]): FaceFor {
  const curve = veils.toReversed().reduce((seen, { paint, thickness, passes }) => {
    const below = faceUnder(opticsOf(paint), thickness * passes, seen)
    return below.map((r) => Math.min(1, Math.max(1e-4, Number.isFinite(r) ? r : 1)))
  }, groundOf(wanted))
  const target = labOf(wanted)
  const seenOver = (colour: string) => veilSteps(colour, veils).at(-1)?.lab ?? labOf(colour)
  const triedWith = (lab: Lab) => {
    const colour = hexOf(lab)
    const seen = seenOver(colour)
    return { colour, seen, off: deltaE00(seen, target) }
  }
  // A colour stands for many curves: what is left is made up for in the colour itself.
  let best = triedWith(labInside(curve))
  // At the edge of what can be shown a whole step misses: then a shorter one is tried.
  for (let i = 0, step = 1; i < ROUNDS; i++) {
    const { colour, seen } = best
    const { l, a, b } = labOf(colour)
    const next = triedWith({
      l: l + step * (target.l - seen.l),
      a: a + step * (target.a - seen.a),
      b: b + step * (target.b - seen.b),
    })
    if (next.off < best.off) best = next
    else step /= 2
  }
  return { colour: best.colour, off: best.off }
}

/** So often is a face made better at the most. */
const ROUNDS = 12
