import type { Lab } from '../spectrum'

/** By how much CIEDE2000 forgives more with chroma: S_C, which is more than S_H. */
export const WITH_CHROMA = 0.045
/** 25⁷, of CIEDE2000. */
const PALE = 25 ** 7
/** The most that S_H of CIEDE2000 grows with chroma. */
const HUE_WITH_CHROMA = 0.015 * 1.93
/** Where the rotation term is strongest: blue, at a hue of 275°. */
const BLUE = (275 * Math.PI) / 180
const [COS_BLUE, SIN_BLUE] = [Math.cos(BLUE), Math.sin(BLUE)]
/** The most of the rotation term as a share of its chroma's, by the cosine of the hue's distance from blue: beyond 40°, beyond 60°. */
const TURNS = [
  { beyond: Math.cos((60 * Math.PI) / 180), most: 0.0033 },
  { beyond: Math.cos((40 * Math.PI) / 180), most: 0.081 },
  { beyond: 1, most: Math.sin(Math.PI / 3) },
] as const

/** The most of the rotation term between two colours that aren't grey. @param own and `theirs` their chromas */
function mostTurn(a1: number, b1: number, own: number, a2: number, b2: number, theirs: number) {
  const x = a1 * theirs + a2 * own
  const y = b1 * theirs + b2 * own
  const far = length(x, y)
  const near = far > 0 ? (x * COS_BLUE + y * SIN_BLUE) / far : 1
  for (const { beyond, most } of TURNS) if (near <= beyond) return most
  return 1
}

function length(a: number, b: number): number {
  return Math.sqrt(a * a + b * b)
}

function toSeventh(x: number): number {
  const cube = x * x * x
  return cube * cube * x
}

/** The square of a difference that CIEDE2000 is surely not under: its rotation term and the weight of hue at their worst. */
export function leastSquared(lab: Lab, other: Lab): number {
  const plainChroma = (length(lab.a, lab.b) + length(other.a, other.b)) / 2
  const seventh = toSeventh(plainChroma)
  const stretch = 1.5 - 0.5 * Math.sqrt(seventh / (seventh + PALE))
  const da = stretch * (lab.a - other.a)
  const db = lab.b - other.b
  const [own, theirs] = [length(stretch * lab.a, lab.b), length(stretch * other.a, other.b)]
  const chroma = (own + theirs) / 2
  const apart = own - theirs
  const hue = Math.max(0, da * da + db * db - apart * apart)
  const middle = ((lab.l + other.l) / 2 - 50) ** 2
  const light = (lab.l - other.l) / (1 + (0.015 * middle) / Math.sqrt(20 + middle))
  const saturated = toSeventh(chroma)
  const turn = mostTurn(stretch * lab.a, lab.b, own, stretch * other.a, other.b, theirs)
  const kept = 1 - turn * Math.sqrt(saturated / (saturated + PALE))
  const plain = (apart / (1 + WITH_CHROMA * chroma)) ** 2
  return light * light + kept * (plain + hue / (1 + HUE_WITH_CHROMA * chroma) ** 2)
}
