import { K2 } from '../optics'
import { xyzOfLinear } from '../spaces'
import { type Curve, deltaE00, type Lab, SEEN_WEIGHTS } from '../spectrum'
import { leastSquared, WITH_CHROMA } from './leastDifference'

/** What of a reflectance inside shows outside, in one formula with K/S. */
const SHOWN = 1 - K2

const AXES = [
  { r: 1, g: 0, b: 0 },
  { r: 0, g: 1, b: 0 },
  { r: 0, g: 0, b: 1 },
].map(xyzOfLinear)
const WHITE = xyzOfLinear({ r: 1, g: 1, b: 1 })

/** Weights of each wavelength in X, Y and Z, each relative to white. */
function weights(of: 'x' | 'y' | 'z'): Curve {
  return (SEEN_WEIGHTS[0] as Curve).map(
    (_, band) =>
      SEEN_WEIGHTS.reduce((sum, row, c) => sum + (AXES[c]?.[of] ?? 0) * (row[band] ?? 0), 0) /
      WHITE[of],
  )
}
const X = weights('x')
const Y = weights('y')
const Z = weights('z')
const BANDS = X.length

const LINEAR_UNDER = 216 / 24389
const SLOPE = 24389 / 27 / 116

function lift(t: number): number {
  return t > LINEAR_UNDER ? Math.cbrt(t) : SLOPE * t + 16 / 116
}

/** What lifts to a value; less than nothing counts as nothing seen. */
function drop(f: number): number {
  return f ** 3 > LINEAR_UNDER ? f ** 3 : (f - 16 / 116) / SLOPE
}

function liftSlope(t: number): number {
  return t > LINEAR_UNDER ? 1 / (3 * Math.cbrt(t) ** 2) : SLOPE
}

/** How much more a lightness may differ than the whole colour does, at the most: S_L of CIEDE2000. */
const LIGHTNESS = 1.75
/** How much more a and b may differ at chroma 0, at the most: the rotation term can hide so much of a difference. */
const CHROMA = 1 / Math.sqrt(1 - Math.sin(Math.PI / 3))
/** The most that CIEDE2000 stretches a. */
const STRETCH = 1.5

type Vec = [number, number, number]

/** From, to: of X, Y and Z. */
export type Ranges = readonly (readonly [number, number])[]

/** How mixes look beside one target: the colour and its difference, quickly, and straightened round about a mix. */
export type Sight = {
  /** ΔE00 of an opaque mix with a K/S curve; Infinity as soon as it is surely more than `limit`. */
  difference: (ratio: Curve, limit: number) => number
  /** X, Y and Z, relative to white, that a colour may have that differs by less than a limit. */
  ranges: (limit: number) => Ranges
  /** X, Y and Z of an opaque mix with a K/S curve. */
  stimulus: (ratio: Curve) => Vec
  /** X, Y and Z of it, and how each band of K/S moves them. */
  tangents: (ratio: Curve) => { at: number; slope: Curve }[]
  /** The colour beside the target in a measure in which ΔE00 is about the length, and how each band of K/S moves it. */
  straighten: (ratio: Curve) => { at: Vec; slope: Curve[] }
}

/** @param target CIELAB (D65). Source: handbook 5.1, 5.4. */
export function sightOf(target: Lab): Sight {
  const measure = measureAt(target)
  const chroma = Math.hypot(target.a * STRETCH, target.b)
  /** The most that a or b differ when the whole colour does by less than a limit; Infinity: no telling. */
  const sideways = (limit: number) => {
    const slope = limit * CHROMA
    const rest = 1 - (slope * WITH_CHROMA) / 2
    return rest > 0 ? (slope * (1 + WITH_CHROMA * chroma)) / rest : Number.POSITIVE_INFINITY
  }
  const difference = (ratio: Curve, limit: number): number => {
    const [x, y, z] = stimulus(ratio)
    const colour = labOf(x, y, z)
    if (leastSquared(colour, target) > limit * limit) return Number.POSITIVE_INFINITY
    return deltaE00(colour, target)
  }
  const ranges = (limit: number) => {
    const [off, most] = [LIGHTNESS * limit, sideways(limit)]
    const [low, high] = [target.l - off, target.l + off].map((l) => (l + 16) / 116) as [
      number,
      number,
    ]
    return [
      [drop(low + (target.a - most) / 500), drop(high + (target.a + most) / 500)],
      [drop(low), drop(high)],
      [drop(low - (target.b + most) / 200), drop(high - (target.b - most) / 200)],
    ] as const
  }
  const straighten = (ratio: Curve) => {
    const tangents = tangentsOf(ratio)
    const [x, y, z] = tangents.map(({ at }) => at) as Vec
    const { l, a, b } = labOf(x, y, z)
    const [fx, fy, fz] = tangents.map(({ at, slope }) => {
      const steep = liftSlope(at)
      return slope.map((value) => value * steep)
    }) as [Curve, Curve, Curve]
    const moved = Array.from(fy, (_, i): Vec => {
      const [dx, dy, dz] = [fx[i] as number, fy[i] as number, fz[i] as number]
      return transform(measure, [116 * dy, 500 * (dx - dy), 200 * (dy - dz)])
    })
    return {
      at: transform(measure, [l - target.l, a - target.a, b - target.b]),
      slope: [0, 1, 2].map((c) => Float64Array.from(moved, (value) => value[c] as number)),
    }
  }
  return { difference, ranges, stimulus, tangents: tangentsOf, straighten }
}

/** X, Y and Z of an opaque mix, relative to white. */
function stimulus(ratio: Curve): Vec {
  let x = 0
  let y = 0
  let z = 0
  for (let i = 0; i < BANDS; i++) {
    const q = ratio[i] as number
    const r = SHOWN / (SHOWN + q + Math.sqrt(q * (q + 2)))
    x += (X[i] as number) * r
    y += (Y[i] as number) * r
    z += (Z[i] as number) * r
  }
  return [x, y, z]
}

function labOf(x: number, y: number, z: number): Lab {
  const fy = lift(y)
  return { l: 116 * fy - 16, a: 500 * (lift(x) - fy), b: 200 * (fy - lift(z)) }
}

/** K/S under this is taken as this: what is seen falls endlessly fast at none. */
const HARDLY_ANY = 1e-9

function tangentsOf(ratio: Curve): { at: number; slope: Curve }[] {
  const fall = ratio.map((q) => {
    const some = Math.max(HARDLY_ANY, q)
    const root = Math.sqrt(some * (some + 2))
    return (-SHOWN * (1 + (some + 1) / root)) / (SHOWN + some + root) ** 2
  })
  const at = stimulus(ratio)
  return [X, Y, Z].map((row, c) => ({
    at: at[c] as number,
    slope: fall.map((value, i) => value * (row[i] as number)),
  }))
}

function transform(rows: readonly Vec[], [a, b, c]: Vec): Vec {
  return rows.map((row) => row[0] * a + row[1] * b + row[2] * c) as Vec
}

/** Step in CIELAB by which the measure at a colour is felt. */
const STEP = 0.5

/** A triangle of numbers M with |M·ΔLab| ≈ ΔE00 near a colour: the root of the difference's quadratic form there. */
function measureAt(target: Lab): Vec[] {
  const axes: Vec[] = [
    [STEP, 0, 0],
    [0, STEP, 0],
    [0, 0, STEP],
  ]
  const square = ([l, a, b]: Vec) =>
    deltaE00({ l: target.l + l, a: target.a + a, b: target.b + b }, target) ** 2 / STEP ** 2
  const own = axes.map(square)
  const form = axes.map((ax, i) =>
    axes.map((other, j) => {
      if (i === j) return own[i] as number
      const both = ax.map((value, c) => value + (other[c] as number)) as Vec
      return (square(both) - (own[i] as number) - (own[j] as number)) / 2
    }),
  )
  const at = (i: number, j: number) => form[i]?.[j] ?? 0
  const l11 = Math.sqrt(at(0, 0))
  const l21 = at(1, 0) / l11
  const l31 = at(2, 0) / l11
  const l22 = Math.sqrt(Math.max(1e-9, at(1, 1) - l21 ** 2))
  const l32 = (at(2, 1) - l31 * l21) / l22
  const l33 = Math.sqrt(Math.max(1e-9, at(2, 2) - l31 ** 2 - l32 ** 2))
  return [
    [l11, l21, l31],
    [0, l22, l32],
    [0, 0, l33],
  ]
}
