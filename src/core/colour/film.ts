import { type Curve, curveOf, deltaE00, type Lab, labOfCurve } from './spectrum'

/** Inner reflection of the surface. Source: handbook 5.1, Saunderson. */
const K2 = 0.6

/** What a paint does to light, by wavelength for absorption; scattering is one number. Source: handbook 5.1. */
export type Optics = { k: Curve; s: number }

/** Seen reflectance to the one inside of the film. */
function inside(curve: Curve): Curve {
  return curve.map((r) => r / (1 - K2 + K2 * r))
}

/** Reflectance inside of the film to the one seen. */
function seen(curve: Curve): Curve {
  return curve.map((r) => ((1 - K2) * r) / (1 - K2 * r))
}

/** A film of thickness X over a background, both inside. Stable in every limit. Source: handbook 5.2. */
function over(optics: Optics, thickness: number, ground: Curve): Curve {
  const s = optics.s * thickness
  return ground.map((rg, i) => {
    const k = (optics.k[i] ?? 0) * thickness
    const u = Math.sqrt(k * (k + 2 * s))
    const t = u < 1e-4 ? 1 - (u * u) / 3 : Math.tanh(u) / u
    return (rg + (s - rg * (k + s)) * t) / (1 + (k + s - rg * s) * t)
  })
}

/** Absorption of a paint that scatters 1, from its masstone. */
function absorption(masstone: string): Curve {
  return inside(curveOf(masstone)).map((r) => (1 - r) ** 2 / (2 * r))
}

/** A film hides when it looks the same over black and white to within this, ΔE00. Source: handbook 5.1. */
const HIDES = 2

const WHITE = inside(curveOf('#FFFFFF'))
const BLACK = inside(curveOf('#000000'))

function spread(optics: Optics, thickness: number): number {
  return deltaE00(
    labOfCurve(seen(over(optics, thickness, WHITE))),
    labOfCurve(seen(over(optics, thickness, BLACK))),
  )
}

const known = new Map<string, Optics>()

/**
 * Absorption and scattering of a paint.
 *
 * @param masstone #RRGGBB, its opaque colour
 * @param hiding normal light coats until it hides, 0.2 to 200
 * Source: handbook 5.1.
 */
export function opticsOf(masstone: string, hiding: number): Optics {
  const key = `${masstone.toLowerCase()} ${hiding}`
  const before = known.get(key)
  if (before) return before
  const unit: Optics = { k: absorption(masstone), s: 1 }
  let low = Math.log(1e-4)
  let high = Math.log(1e5)
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2
    if (spread(unit, Math.exp(middle)) > HIDES) low = middle
    else high = middle
  }
  const s = Math.exp((low + high) / 2) / hiding
  const optics = { k: unit.k.map((one) => one * s), s }
  known.set(key, optics)
  return optics
}

/** One film of a stack of colour: masstone, hiding and thickness in normal light coats. */
export type ColourFilm = { masstone: string; hiding: number; thickness: number }

/** The colour seen of films over an opaque ground, bottom first. Source: handbook 5.2. */
export function colourOver(ground: string, films: readonly ColourFilm[]): Lab {
  const start = inside(curveOf(ground))
  const end = films.reduce(
    (curve, film) => over(opticsOf(film.masstone, film.hiding), film.thickness, curve),
    start,
  )
  return labOfCurve(seen(end))
}
