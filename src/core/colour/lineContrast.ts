import { type Band, type FaceKind, LEFT_IN_RECESS, type WashKind } from '../knowledge/lining'
import { colourOver } from './film'
import { hueOf } from './hue'
import type { Paint } from './optics'
import { deltaE00, type Lab, labOf } from './spectrum'
import { thicknessOf } from './thickness'

/** A line in its recess: its colour, how far it is from the face, ΔE00, and whether it is darker. */
export type LineContrast = { lab: Lab; deltaE00: number; darker: boolean }

/** A wash in a line. */
export type LaidLine = {
  /** The face beside it, #RRGGBB. */
  face: string
  paint: Paint
  /** Paint share of the wash as it is laid, 0 to 1. */
  share: number
  depthMm: number
  /** Times the line was filled, 1 unless said. */
  fills?: number
}

/** How a wash reads in a line. Source: handbook 5.3. */
export function lineContrast({ face, paint, share, depthMm, fills = 1 }: LaidLine): LineContrast {
  const thickness = fills * thicknessOf(depthMm * 1000 * LEFT_IN_RECESS, share)
  const lab = colourOver(face, [{ ...paint, thickness }])
  const base = labOf(face)
  return { lab, deltaE00: deltaE00(lab, base), darker: lab.l < base.l }
}

/** How far a difference is from the middle of a band, ΔE00: what a choice of wash aims at. Source: handbook 5.3. */
export function offMiddle(difference: number, { from, to }: Band): number {
  return Math.abs(difference - (from + to) / 2)
}

/** What a face is like, as far as the washes ask. Source: handbook 5.3. */
export function faceKind(lab: Lab): FaceKind {
  const chroma = Math.hypot(lab.a, lab.b)
  const hue = hueOf(lab)
  if (chroma < 12) {
    if (lab.l > 85) return 'white'
    return chroma > 2 && hue > 180 && hue < 300 ? 'cool-grey' : 'grey'
  }
  if (hue >= 100 && hue < 200) return 'green'
  if (hue >= 40 && hue < 100) return 'warm'
  return chroma > 25 ? 'red-or-blue' : 'warm'
}

/** A wash lighter or brighter than this is dust or rust, no shadow: L* and chroma. */
const LIGHT = 50
const BRIGHT = 35

/** What a wash is like. Source: handbook 5.3. */
export function washKind(lab: Lab): WashKind {
  const chroma = Math.hypot(lab.a, lab.b)
  const hue = hueOf(lab)
  const warm = hue > 15 && hue < 100
  if (lab.l > LIGHT || chroma > BRIGHT) return 'other'
  if (lab.l < 18) return warm && chroma > 2.5 ? 'black-brown' : 'black'
  if (chroma < 1.5) return 'grey'
  if (warm) return chroma > 6 ? 'brown' : 'warm-grey'
  if (hue >= 100 && hue < 200) return 'green-grey'
  return hue < 300 && hue >= 200 ? 'blue-grey' : 'grey'
}
