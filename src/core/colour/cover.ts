import { groundOf, labInside, layer, type Optics, opticsOf, type Paint } from './optics'
import { type Curve, deltaE00, type Lab, labOf } from './spectrum'

/** A colour is covered when it differs from the masstone by less than this, ΔE00. Source: handbook 5.2. */
const COVERED = 1.5
/** So many coats are tried before it is said that it never covers. Source: handbook 5.2. */
const MOST_COATS = 100

/** How a colour comes to hide what it goes over, coat by coat. */
export type Covering = {
  /** The colour after each coat. */
  coats: Lab[]
  /** How far each is from the masstone, ΔE00. */
  deltaE00: number[]
  /** The fewest coats that cover; null: not in a hundred. */
  toCover: number | null
}

/** Fewest coats of a thickness that cover a ground; null: never. Source: handbook 5.2. */
function coatsToCover(
  optics: Optics,
  thickness: number,
  ground: Curve,
  masstone: Lab,
): number | null {
  let curve = ground
  for (let n = 1; n <= MOST_COATS; n++) {
    curve = layer(optics, thickness, curve)
    if (deltaE00(labInside(curve), masstone) < COVERED) return n
  }
  return null
}

/**
 * Coats of one paint over an opaque ground.
 *
 * @param ground reflectance inside of what is under them: `groundOf` a colour, or `stackOver` the films of a stack
 * @param coats how many are shown
 * @param thickness of one coat, X in normal light coats
 * Source: handbook 5.2.
 */
export function cover(paint: Paint, ground: Curve, coats: number, thickness: number): Covering {
  return coverWith(opticsOf(paint), labOf(paint.masstone), ground, coats, thickness)
}

/** Coats of a mix over an opaque ground: as `cover`, with its own optics and its opaque colour. Source: handbook 5.2. */
export function coverWith(
  optics: Optics,
  masstone: Lab,
  ground: Curve,
  coats: number,
  thickness: number,
): Covering {
  const shown: Lab[] = []
  let curve = ground
  for (let n = 0; n < coats; n++) {
    curve = layer(optics, thickness, curve)
    shown.push(labInside(curve))
  }
  return {
    coats: shown,
    deltaE00: shown.map((lab) => deltaE00(lab, masstone)),
    toCover: coatsToCover(optics, thickness, ground, masstone),
  }
}

/** What an undercoat does to a colour that doesn't cover it yet. */
export type Cast = 'lighter' | 'darker' | 'warmer' | 'cooler'

/** A cast smaller than this isn't told, in L* or along the warm axis. */
const FELT = 1
/** The warm axis of a and b: between red and yellow. */
const WARM = [Math.SQRT1_2, Math.SQRT1_2] as const

/** How a colour looks against its own masstone: what the surface under it lends it. Source: handbook 5.2, N01. */
export function castOf(lab: Lab, masstone: Lab): Cast[] {
  const light = lab.l - masstone.l
  const warm = (lab.a - masstone.a) * WARM[0] + (lab.b - masstone.b) * WARM[1]
  return [
    ...(Math.abs(light) < FELT ? [] : [light > 0 ? ('lighter' as const) : ('darker' as const)]),
    ...(Math.abs(warm) < FELT ? [] : [warm > 0 ? ('warmer' as const) : ('cooler' as const)]),
  ]
}

/** One undercoat of a comparison, with what a colour over it comes to. */
export type Undercoat = { colour: string; covering: Covering; cast: Cast[] }

/**
 * Undercoats by how soon a colour covers them, soonest first; among equals the one that is nearest after one coat.
 *
 * @param coats how many are shown
 * @param thickness of one coat, X in normal light coats
 * Source: handbook 5.2, N01.
 */
export function rankUndercoats(
  paint: Paint,
  undercoats: readonly string[],
  coats: number,
  thickness: number,
): Undercoat[] {
  const never = MOST_COATS + 1
  const masstone = labOf(paint.masstone)
  return undercoats
    .map((colour): Undercoat => {
      const covering = cover(paint, groundOf(colour), coats, thickness)
      return { colour, covering, cast: castOf(covering.coats[0] as Lab, masstone) }
    })
    .sort(
      (a, b) =>
        (a.covering.toCover ?? never) - (b.covering.toCover ?? never) ||
        (a.covering.deltaE00[0] ?? 0) - (b.covering.deltaE00[0] ?? 0),
    )
}

/** Difference between places of two grounds after so many coats. */
export type ShadeLeft = { coats: number; deltaE00: number }

/** A shading shows from about this difference on, ΔE00. Source: handbook 5.2. */
export const SHADE_SHOWS = 1.5

/** Below this a shading is gone, ΔE00. Source: handbook 5.2. */
export const SHADE_GONE = 1

/**
 * What is left of a pre-shading: how far shaded and unshaded places differ before any coat and after each.
 *
 * @param thickness of one coat, X in normal light coats
 * Source: handbook 5.2.
 */
export function shadeLeft(
  paint: Paint,
  unshaded: Curve,
  shaded: Curve,
  coats: number,
  thickness: number,
): ShadeLeft[] {
  const optics = opticsOf(paint)
  let [plain, dark] = [unshaded, shaded]
  const left: ShadeLeft[] = []
  for (let n = 0; n <= coats; n++) {
    left.push({ coats: n, deltaE00: deltaE00(labInside(plain), labInside(dark)) })
    plain = layer(optics, thickness, plain)
    dark = layer(optics, thickness, dark)
  }
  return left
}
