import type { DrawnShape } from './drawn'

/** From where a part is looked at, degrees: round it from its front towards port, and above it. */
export type Eye = { round: number; above: number }

/** A part from its front, a little to port and from above. */
export const USUAL_EYE: Eye = { round: 40, above: 24 }

/**
 * A part as it is seen, pixel by pixel: which zone (-1: none, beside it -2), how much light falls there (0 to 1), which triangle
 * (-1: none) and how near it is, mm.
 */
export type Pictured = {
  width: number
  height: number
  zone: Int16Array
  light: Float32Array
  triangle: Int32Array
  near: Float32Array
  /** Where a point of the part stands in the picture, px, and how near, mm. */
  placeOf: (x: number, y: number, z: number) => [x: number, y: number, near: number]
}

/** Beside the part. */
export const BESIDE = -2

/** Room left round the part, of the picture. */
const MARGIN = 0.06
/** Light from nowhere, from over the left shoulder of who looks, and a weaker one from the right. */
const LIGHT = {
  all: 0.5,
  lamps: [
    { strong: 0.5, from: [-0.45, 0.6, 0.66] },
    { strong: 0.22, from: [0.8, 0.1, 0.6] },
  ],
} as const

/**
 * A still picture of a part, drawn by depth without any help of the machine's graphics. Deterministic.
 *
 * @param margin room left round the part, as a share of the picture
 * Source: handbook 12.1 (a part is drawn as itself).
 */
export function pictured(
  drawn: DrawnShape,
  eye: Eye,
  width: number,
  height: number,
  margin = MARGIN,
): Pictured {
  const axes = axesOf(eye)
  const placeOf = fitted(drawn.points, axes, { width, height, margin })
  const picture: Pictured = {
    width,
    height,
    zone: new Int16Array(width * height).fill(BESIDE),
    light: new Float32Array(width * height),
    triangle: new Int32Array(width * height).fill(-1),
    near: new Float32Array(width * height).fill(Number.NEGATIVE_INFINITY),
    placeOf,
  }
  const { points, zoneOf } = drawn
  for (let t = 0; t < zoneOf.length; t++) {
    const at = [0, 1, 2].map((c) =>
      placeOf(
        points[t * 9 + c * 3] as number,
        points[t * 9 + c * 3 + 1] as number,
        points[t * 9 + c * 3 + 2] as number,
      ),
    ) as [Seen, Seen, Seen]
    fill(picture, at, t, zoneOf[t] as number, lightOn(points, t, axes))
  }
  return picture
}

type Seen = [x: number, y: number, near: number]
type Axis = readonly [number, number, number]
type Axes = { right: Axis; up: Axis; to: Axis }

/** What is right, up and towards the eye. */
function axesOf({ round, above }: Eye): Axes {
  const [a, b] = [(round * Math.PI) / 180, (above * Math.PI) / 180]
  const to: Axis = [Math.cos(b) * Math.cos(a), Math.cos(b) * Math.sin(a), Math.sin(b)]
  const right: Axis = [-Math.sin(a), Math.cos(a), 0]
  const up: Axis = [-Math.sin(b) * Math.cos(a), -Math.sin(b) * Math.sin(a), Math.cos(b)]
  return { right, up, to }
}

function dot(a: Axis, x: number, y: number, z: number): number {
  return a[0] * x + a[1] * y + a[2] * z
}

/** The part as large as the picture bears, in its middle. */
function fitted(
  points: Float32Array,
  { right, up, to }: Axes,
  { width, height, margin }: { width: number; height: number; margin: number },
) {
  const low = [Number.POSITIVE_INFINITY, Number.POSITIVE_INFINITY]
  const high = [Number.NEGATIVE_INFINITY, Number.NEGATIVE_INFINITY]
  for (let i = 0; i < points.length; i += 3)
    [right, up].forEach((axis, c) => {
      const d = dot(axis, points[i] as number, points[i + 1] as number, points[i + 2] as number)
      low[c] = Math.min(low[c] as number, d)
      high[c] = Math.max(high[c] as number, d)
    })
  const span = (c: number) => Math.max(1e-6, (high[c] as number) - (low[c] as number))
  const middle = (c: number) => ((high[c] as number) + (low[c] as number)) / 2
  const scale = (1 - 2 * margin) * Math.min(width / span(0), height / span(1))
  const [cx, cy] = [middle(0), middle(1)]
  return (x: number, y: number, z: number): Seen => [
    width / 2 + (dot(right, x, y, z) - cx) * scale,
    height / 2 - (dot(up, x, y, z) - cy) * scale,
    dot(to, x, y, z),
  ]
}

/** How much light falls on a triangle, from whichever side it is seen. */
function lightOn(points: Float32Array, t: number, { right, up, to }: Axes): number {
  const at = (c: number, k: number) => points[t * 9 + c * 3 + k] as number
  const [ax, ay, az] = [0, 1, 2].map((k) => at(1, k) - at(0, k)) as [number, number, number]
  const [bx, by, bz] = [0, 1, 2].map((k) => at(2, k) - at(0, k)) as [number, number, number]
  const normal: Axis = [ay * bz - az * by, az * bx - ax * bz, ax * by - ay * bx]
  const length = Math.hypot(...normal) || 1
  const turned = dot(to, ...normal) < 0 ? -1 : 1
  const falls = LIGHT.lamps.reduce<number>((sum, { strong, from }) => {
    const on = [right, up, to].reduce<number>(
      (whole, axis, i) => whole + (from[i] as number) * dot(axis, ...normal),
      0,
    )
    return sum + strong * Math.max(0, (turned * on) / length)
  }, LIGHT.all)
  return Math.min(1, falls)
}

/** Fills the pixels of a triangle that nothing nearer covers. */
function fill(
  picture: Pictured,
  [a, b, c]: [Seen, Seen, Seen],
  t: number,
  zone: number,
  light: number,
) {
  const { width, height, near } = picture
  const area = (b[0] - a[0]) * (c[1] - a[1]) - (c[0] - a[0]) * (b[1] - a[1])
  if (area === 0) return
  const from = (k: 0 | 1) => Math.max(0, Math.floor(Math.min(a[k], b[k], c[k])))
  const to = (k: 0 | 1, end: number) => Math.min(end - 1, Math.ceil(Math.max(a[k], b[k], c[k])))
  for (let y = from(1); y <= to(1, height); y++)
    for (let x = from(0); x <= to(0, width); x++) {
      const [px, py] = [x + 0.5, y + 0.5]
      const u = ((px - a[0]) * (c[1] - a[1]) - (c[0] - a[0]) * (py - a[1])) / area
      const v = ((b[0] - a[0]) * (py - a[1]) - (px - a[0]) * (b[1] - a[1])) / area
      if (u < 0 || v < 0 || u + v > 1) continue
      const depth = a[2] + u * (b[2] - a[2]) + v * (c[2] - a[2])
      const pixel = y * width + x
      if (depth <= (near[pixel] as number)) continue
      near[pixel] = depth
      picture.zone[pixel] = zone
      picture.light[pixel] = light
      picture.triangle[pixel] = t
    }
}
