import { defaultHiding } from './hiding'
import { remembered } from './remembered'
import { type Curve, curveOf, deltaE00, type Lab, labOf, labOfCurve } from './spectrum'

/** Inner reflection of the surface. Source: handbook 5.1, Saunderson. */
export const K2 = 0.6

/** A paint as its sheet or its swatch describes it. Source: handbook 5.1. */
export type Paint = {
  /** #RRGGBB, its opaque colour. */
  masstone: string
  /** #RRGGBB, one normal light coat over white. */
  undertone?: string | undefined
  /** Normal light coats until it hides, 0.2 to 200; left out: what is usual for its colour. */
  hiding?: number | undefined
  /** Tinting strength in a mix relative to a standard, 0.05 to 20; left out: 1. */
  strength?: number | undefined
}

/** What a film does to light by wavelength, for each unit of its thickness: absorption and scattering. Source: handbook 5.1. */
export type Optics = { k: Curve; s: Curve }

/** Seen reflectance to the one inside of the film: all mixing and layering is inside. Source: handbook 5.1. */
export function inside(curve: Curve): Curve {
  return curve.map((r) => r / (1 - K2 + K2 * r))
}

/** Reflectance inside of the film to the one seen. Source: handbook 5.1. */
export function outside(curve: Curve): Curve {
  return curve.map((r) => ((1 - K2) * r) / (1 - K2 * r))
}

/** An opaque ground of an sRGB colour, as reflectance inside. @throws RangeError if the text is no colour */
export function groundOf(hex: string): Curve {
  return inside(curveOf(hex))
}

/** CIELAB of a reflectance inside, not clipped to what a screen can show. */
export function labInside(curve: Curve): Lab {
  return labOfCurve(outside(curve))
}

/** tanh(u)/u of a film with u = √(k(k + 2s)): stable where it is nothing. Source: handbook 5.2. */
export function damping(k: number, s: number): number {
  const u = Math.sqrt(k * (k + 2 * s))
  return u < 1e-4 ? 1 - (u * u) / 3 : Math.tanh(u) / u
}

/**
 * A film of thickness X over a background, both inside. Stable in every limit: no film, a black one, an endless one.
 *
 * @param thickness X ≥ 0, in normal light coats
 * Source: handbook 5.2.
 */
export function layer(optics: Optics, thickness: number, ground: Curve): Curve {
  return ground.map((rg, i) => {
    const s = (optics.s[i] ?? 0) * thickness
    const k = (optics.k[i] ?? 0) * thickness
    const t = damping(k, s)
    return (rg + (s - rg * (k + s)) * t) / (1 + (k + s - rg * s) * t)
  })
}

/** `layer` the other way round: the face under a film, from what is seen over it; beyond 0 to 1 where no face shows so. */
export function faceUnder(optics: Optics, thickness: number, seen: Curve): Curve {
  return seen.map((r, i) => {
    const s = (optics.s[i] ?? 0) * thickness
    const k = (optics.k[i] ?? 0) * thickness
    const t = damping(k, s)
    return (r * (1 + (k + s) * t) - s * t) / (1 - (k + s) * t + r * s * t)
  })
}

/** An endless film: R = 1/(1 + q + √(q(q + 2))) with q = K/S. Source: handbook 5.1. */
export function opaque({ k, s }: Optics): Curve {
  return k.map((value, i) => {
    const q = value / (s[i] ?? 1)
    return 1 / (1 + q + Math.sqrt(q * (q + 2)))
  })
}

/** A film hides when it looks the same over black and white to within this, ΔE00. Source: handbook 5.1. */
const HIDES = 2
const WHITE = groundOf('#FFFFFF')
const BLACK = groundOf('#000000')

function spread(optics: Optics, thickness: number): number {
  return deltaE00(
    labInside(layer(optics, thickness, WHITE)),
    labInside(layer(optics, thickness, BLACK)),
  )
}

/** Halvings that find it to ten digits. */
const HALVINGS = 40

/** The thickness at which a film hides, by bisection on its logarithm. Source: handbook 5.1. */
function hidingThickness(optics: Optics): number {
  let low = Math.log(1e-4)
  let high = Math.log(1e5)
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2
    if (spread(optics, Math.exp(middle)) > HIDES) low = middle
    else high = middle
  }
  return Math.exp((low + high) / 2)
}

/** K/S of an endless film, from its reflectance inside. Source: handbook 5.1. */
export function ratioOf(masstone: Curve): Curve {
  return masstone.map((r) => (1 - r) ** 2 / (2 * r))
}

/** How near the masstone or white an undertone may come, so that its film is neither endless nor none. */
const EDGE = 1e-4

/** Scattering by wavelength of one coat over white that shows the undertone. Source: handbook 5.1. */
function scatteringOf(masstone: Curve, undertone: Curve): Curve {
  return masstone.map((r, i) => {
    const white = WHITE[i] ?? 1
    const a = 1 + (1 - r) ** 2 / (2 * r)
    const b = Math.sqrt(a * a - 1)
    const margin = EDGE * Math.max(1e-9, white - r)
    const seen = Math.min(white - margin, Math.max(r + margin, undertone[i] ?? 0))
    return Math.max(1e-9, (Math.atanh((a - seen) / b) - Math.atanh((a - white) / b)) / b)
  })
}

function scaled({ k, s }: Optics, factor: number): Optics {
  return { k: k.map((value) => value * factor), s: s.map((value) => value * factor) }
}

/** More paints than a large shelf has. */
const knownOptics = remembered<Optics>(4000)

/**
 * Absorption and scattering of a paint: one scattering for all wavelengths from its hiding, or its own by wavelength from its
 * undertone.
 *
 * @throws RangeError if a colour is none
 * Source: handbook 5.1.
 */
export function opticsOf({ masstone, undertone, hiding }: Paint): Optics {
  const key = `${masstone} ${undertone ?? ''} ${hiding ?? ''}`.toLowerCase()
  return knownOptics(key, () => reckon(masstone, undertone, hiding))
}

function reckon(
  masstone: string,
  undertone: string | undefined,
  hiding: number | undefined,
): Optics {
  const full = groundOf(masstone)
  const ratio = ratioOf(full)
  if (undertone === undefined) {
    const unit = { k: ratio, s: ratio.map(() => 1) }
    return scaled(unit, hidingThickness(unit) / (hiding ?? defaultHiding(labOf(masstone))))
  }
  const s = scatteringOf(full, groundOf(undertone))
  const own = { k: ratio.map((value, i) => value * (s[i] ?? 0)), s }
  return hiding === undefined ? own : scaled(own, hidingThickness(own) / hiding)
}
