import { hueOf } from './hue'
import type { Lab } from './spectrum'

/** Under this lightness anything hides like black. Source: handbook 5.1. */
const DARK = 25
/** Transparent colours hardly hide. Source: handbook 5.1. */
export const CLEAR_HIDING = 40

/** Hiding of chromatic colours by the hue angle at which each begins, degrees in CIELAB. Source: handbook 5.1. */
const BY_HUE: readonly { from: number; hiding: number }[] = [
  { from: 0, hiding: 5 },
  { from: 45, hiding: 6 },
  { from: 75, hiding: 7 },
  { from: 110, hiding: 3 },
  { from: 200, hiding: 3 },
  { from: 320, hiding: 5 },
]

/** Light coats until an ordinary paint of this colour hides, where its bottle doesn't say. Source: handbook 5.1. */
export function defaultHiding({ l, a, b }: Lab): number {
  if (l < DARK) return 1
  const chroma = Math.hypot(a, b)
  if (chroma < 12) return l > 90 ? 4 : 2
  const hue = hueOf({ a, b })
  const brown = hue > 20 && hue < 100 && l < 50 && chroma < 45
  const darkGreen = hue >= 100 && hue < 200 && l < 50
  if (brown || darkGreen) return 2
  return [...BY_HUE].reverse().find((row) => hue >= row.from)?.hiding ?? 2
}
