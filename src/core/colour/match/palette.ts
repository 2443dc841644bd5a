import { opticsOf, type Paint } from '../optics'
import type { Curve } from '../spectrum'

/** A bottle that a mix may take drops of. */
export type MatchBottle = Paint & {
  name: string
  /** Paint share of what is in it; 1: neat. */
  share?: number | undefined
  /** Left out: as an acrylic's dropper gives. */
  dropsPerMl?: number | undefined
}

/** Drops to the millilitre of a bottle that doesn't say. Source: handbook 4.2. */
const DROPS = 28

/** Volume of undiluted paint in one drop, ml. Source: handbook 5.1. */
export function paintInDrop({ share = 1, dropsPerMl = DROPS }: MatchBottle): number {
  return share / dropsPerMl
}

/** One bottle made ready for the search: what a drop of it adds to absorption and scattering. */
export type Pigment = {
  k: Curve
  s: Curve
  /** K/S of its own. */
  ratio: Curve
  /** Its weight in a mix, per drop: its scattering, in the middle. */
  weight: number
  /** It scatters the same at every wavelength: K/S of its mixes is a mean of its bottles'. */
  flat: boolean
}

/** A bottle as a pigment: its optics, and how much of it a drop lays. Source: handbook 5.4. */
export function pigmentOf(bottle: MatchBottle): Pigment {
  const optics = opticsOf(bottle)
  const amount = paintInDrop(bottle) * (bottle.strength ?? 1)
  const k = optics.k.map((value) => value * amount)
  const s = optics.s.map((value) => value * amount)
  return {
    k,
    s,
    ratio: k.map((value, i) => value / (s[i] as number)),
    weight: s.reduce((sum, value) => sum + value, 0) / s.length,
    flat: Math.max(...s) - Math.min(...s) <= 1e-9 * Math.max(...s),
  }
}

/** Puts K/S of drops of some pigments into `into`. */
export function mixRatio(
  pigments: readonly Pigment[],
  set: readonly number[],
  drops: readonly number[],
  into: Curve,
): Curve {
  const bands = into.length
  const a = pigments[set[0] as number] as Pigment
  const b = pigments[set[1] as number] as Pigment
  const m = drops[0] as number
  const n = drops[1] as number
  // Most mixes that are looked at are of two bottles that scatter the same at every wavelength.
  if (set.length === 2 && a.flat && b.flat) {
    const share = (m * a.weight) / (m * a.weight + n * b.weight)
    const rest = 1 - share
    const { ratio: qa } = a
    const { ratio: qb } = b
    for (let i = 0; i < bands; i++) into[i] = share * (qa[i] as number) + rest * (qb[i] as number)
    return into
  }
  for (let i = 0; i < bands; i++) {
    let k = 0
    let s = 0
    for (let one = 0; one < set.length; one++) {
      const pigment = pigments[set[one] as number] as Pigment
      k += (drops[one] as number) * (pigment.k[i] as number)
      s += (drops[one] as number) * (pigment.s[i] as number)
    }
    into[i] = k / s
  }
  return into
}
