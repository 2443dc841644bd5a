import { BANDS, D65, X_BAR, Y_BAR, Z_BAR } from './observer'
import { hexIn, type Lab, labOfLinear, toLab, toLinear } from './spaces'

export { deltaE00, hexOf, type Lab } from './spaces'

/** A reflectance or any other quantity by wavelength, 31 values from 400 to 700 nm. */
export type Curve = Float64Array

/** XYZ (D65) to linear sRGB. */
const FROM_XYZ = [
  [3.2404542, -1.5371385, -0.4985314],
  [-0.969266, 1.8760108, 0.041556],
  [0.0556434, -0.2040259, 1.0572252],
] as const

/** Weights of each wavelength in the linear sRGB channels, rescaled so that R = 1 is white. Source: handbook 5.1. */
export const SEEN_WEIGHTS: readonly Curve[] = FROM_XYZ.map(([x, y, z]) => {
  const raw = Float64Array.from(
    { length: BANDS },
    (_, i) => (x * (X_BAR[i] ?? 0) + y * (Y_BAR[i] ?? 0) + z * (Z_BAR[i] ?? 0)) * (D65[i] ?? 0),
  )
  const sum = raw.reduce((all, value) => all + value, 0)
  return raw.map((value) => value / sum)
})

/** Linear channels are kept within this, so that a curve exists. Source: handbook 5.1. */
const DARKEST = 5e-5
const BRIGHTEST = 0.9985

const MOST_ROUNDS = 60
const CLOSE = 1e-10

const curves = new Map<string, Curve>()

/**
 * The smoothest reflectance curve that has an sRGB colour: R = (1 + tanh z)/2 with the least Σ(zᵢ₊₁ − zᵢ)².
 *
 * @param hex #RRGGBB
 * @returns seen reflectance between 0 and 1
 * @throws RangeError if the text is no colour
 * Source: handbook 5.1.
 */
export function curveOf(hex: string): Curve {
  const key = hex.toLowerCase()
  const known = curves.get(key)
  if (known) return known
  const seen = hexIn(key)
  if (!seen) throw new RangeError(`curveOf: "${hex}" is no colour`)
  const linear = toLinear(seen)
  const target = [linear.r, linear.g, linear.b].map((one) =>
    Math.min(BRIGHTEST, Math.max(DARKEST, one)),
  )
  const curve = smoothest(target)
  curves.set(key, curve)
  return curve
}

/** Damped Newton on the Lagrangian: 31 values z and 3 multipliers. */
function smoothest(target: readonly number[]): Curve {
  const size = BANDS + 3
  const mean = target.reduce((sum, one) => sum + one, 0) / 3
  let state = new Float64Array(size).fill(Math.atanh(2 * mean - 1), 0, BANDS)
  let residual = lagrangian(state, target)
  for (let round = 0; round < MOST_ROUNDS && norm(residual) > CLOSE; round++) {
    const step = solveLinear(system(state, residual))
    let share = 1
    let next = moved(state, step, share)
    let left = lagrangian(next, target)
    while (norm(left) > norm(residual) && share > 1e-6) {
      share /= 2
      next = moved(state, step, share)
      left = lagrangian(next, target)
    }
    state = next
    residual = left
  }
  return state.slice(0, BANDS).map((z) => (1 + Math.tanh(z)) / 2)
}

function moved(state: Float64Array, step: Float64Array, share: number): Float64Array<ArrayBuffer> {
  return Float64Array.from(state, (value, i) => value - share * (step[i] ?? 0))
}

function norm(values: Float64Array): number {
  return Math.sqrt(values.reduce((sum, value) => sum + value * value, 0))
}

/** Σ over channels of weight · multiplier at one wavelength. */
function pull(state: Float64Array, band: number): number {
  return SEEN_WEIGHTS.reduce((sum, row, c) => sum + (row[band] ?? 0) * (state[BANDS + c] ?? 0), 0)
}

function lagrangian(state: Float64Array, target: readonly number[]): Float64Array<ArrayBuffer> {
  const out = new Float64Array(BANDS + 3)
  for (let i = 0; i < BANDS; i++) {
    const z = state[i] ?? 0
    const before = i > 0 ? z - (state[i - 1] ?? 0) : 0
    const after = i < BANDS - 1 ? z - (state[i + 1] ?? 0) : 0
    const slope = (1 - Math.tanh(z) ** 2) / 2
    out[i] = 2 * (before + after) + slope * pull(state, i)
    SEEN_WEIGHTS.forEach((row, c) => {
      out[BANDS + c] = (out[BANDS + c] ?? 0) + ((row[i] ?? 0) * (1 + Math.tanh(z))) / 2
    })
  }
  target.forEach((one, c) => {
    out[BANDS + c] = (out[BANDS + c] ?? 0) - one
  })
  return out
}

/** The equations' slopes with the right side as a last column, row by row. */
function system(state: Float64Array, right: Float64Array): Float64Array {
  const size = BANDS + 3
  const wide = size + 1
  const rows = new Float64Array(size * wide)
  for (let i = 0; i < BANDS; i++) {
    const t = Math.tanh(state[i] ?? 0)
    const slope = (1 - t * t) / 2
    rows[i * wide + i] = (i > 0 && i < BANDS - 1 ? 4 : 2) - 2 * slope * t * pull(state, i)
    if (i > 0) rows[i * wide + i - 1] = -2
    if (i < BANDS - 1) rows[i * wide + i + 1] = -2
    for (let c = 0; c < 3; c++) {
      const value = slope * (SEEN_WEIGHTS[c]?.[i] ?? 0)
      rows[i * wide + BANDS + c] = value
      rows[(BANDS + c) * wide + i] = value
    }
  }
  for (let i = 0; i < size; i++) rows[i * wide + size] = right[i] ?? 0
  return rows
}

/** Gaussian elimination with the largest pivot, in place. */
function solveLinear(rows: Float64Array): Float64Array {
  const size = BANDS + 3
  const wide = size + 1
  const at = (r: number, c: number) => rows[r * wide + c] as number
  for (let column = 0; column < size; column++) {
    let best = column
    for (let r = column + 1; r < size; r++)
      if (Math.abs(at(r, column)) > Math.abs(at(best, column))) best = r
    if (best !== column) {
      const swap = rows.slice(column * wide, (column + 1) * wide)
      rows.copyWithin(column * wide, best * wide, (best + 1) * wide)
      rows.set(swap, best * wide)
    }
    const lead = at(column, column) || 1e-300
    for (let r = column + 1; r < size; r++) {
      const factor = at(r, column) / lead
      if (factor === 0) continue
      for (let c = column; c < wide; c++) rows[r * wide + c] = at(r, c) - factor * at(column, c)
    }
  }
  const out = new Float64Array(size)
  for (let r = size - 1; r >= 0; r--) {
    let value = at(r, size)
    for (let c = r + 1; c < size; c++) value -= at(r, c) * (out[c] as number)
    out[r] = value / (at(r, r) || 1e-300)
  }
  return out
}

/** The colour of a seen reflectance, not clipped to what a screen can show. */
export function labOfCurve(curve: Curve): Lab {
  const [r = 0, g = 0, b = 0] = SEEN_WEIGHTS.map((row) =>
    row.reduce((sum, weight, i) => sum + weight * (curve[i] ?? 0), 0),
  )
  return labOfLight([r, g, b])
}

/** CIELAB of linear red, green and blue, not clipped to what a screen can show. */
export function labOfLight([r, g, b]: readonly [number, number, number]): Lab {
  return labOfLinear({ r, g, b })
}

/** CIELAB (D65) of an sRGB colour, #RRGGBB. @throws RangeError if the text is no colour */
export function labOf(hex: string): Lab {
  const known = labs.get(hex)
  if (known) return known
  const found = hexIn(hex)
  if (!found) throw new RangeError(`labOf: "${hex}" is no colour`)
  const lab = toLab(found)
  labs.set(hex, lab)
  return lab
}

const labs = new Map<string, Lab>()
