/** A point of Lab, or a direction in it. */
export type Vec = readonly [number, number, number]

/** Inner product of two directions. */
export function dot(a: Vec, b: Vec): number {
  return a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
}

/** Shares of two points whose sum is nearest the origin, and how near that is. */
export type Nearest = { shares: readonly [number, number]; distance: number }

/** The point of a line between two points that is nearest the origin. */
export function nearestOnLine(a: Vec, b: Vec): Nearest {
  const t = nearestShare(a, b)
  return { shares: [1 - t, t], distance: sumLength(a, 1 - t, b, t, a, 0) }
}

/** Share of the second point in the point between both that is nearest the origin. */
function nearestShare(a: Vec, b: Vec): number {
  const [x, y, z] = [b[0] - a[0], b[1] - a[1], b[2] - a[2]]
  const length = x * x + y * y + z * z
  const along = -(a[0] * x + a[1] * y + a[2] * z)
  return along <= 0 ? 0 : along >= length ? 1 : along / length
}

/** How near the origin a triangle comes: inside of it, or on one of its sides. */
export function triangleDistance(a: Vec, b: Vec, c: Vec): number {
  const [abx, aby, abz] = [b[0] - a[0], b[1] - a[1], b[2] - a[2]]
  const [acx, acy, acz] = [c[0] - a[0], c[1] - a[1], c[2] - a[2]]
  const d00 = abx * abx + aby * aby + abz * abz
  const d01 = abx * acx + aby * acy + abz * acz
  const d11 = acx * acx + acy * acy + acz * acz
  const e0 = -(a[0] * abx + a[1] * aby + a[2] * abz)
  const e1 = -(a[0] * acx + a[1] * acy + a[2] * acz)
  const det = d00 * d11 - d01 * d01
  let inside = Number.POSITIVE_INFINITY
  if (det > 1e-12 * d00 * d11) {
    const v = (d11 * e0 - d01 * e1) / det
    const w = (d00 * e1 - d01 * e0) / det
    if (v >= 0 && w >= 0 && v + w <= 1) {
      inside = sumLength(a, 1 - v - w, b, v, c, w)
      // In a sliver the sum loses digits: a side may be nearer than what it comes to.
      if (det > SLIVER * d00 * d11) return inside
    }
  }
  return Math.min(inside, lineDistance(a, b), lineDistance(b, c), lineDistance(a, c))
}

/** Squared sine of the corner under which a triangle is a sliver. */
const SLIVER = 1e-6

/** As `nearestOnLine`, with nothing but the distance. */
function lineDistance(a: Vec, b: Vec): number {
  const t = nearestShare(a, b)
  return sumLength(a, 1 - t, b, t, a, 0)
}

/** Length of r·a + s·b + t·c. */
function sumLength(a: Vec, r: number, b: Vec, s: number, c: Vec, t: number): number {
  const x = a[0] * r + b[0] * s + c[0] * t
  const y = a[1] * r + b[1] * s + c[1] * t
  const z = a[2] * r + b[2] * s + c[2] * t
  return Math.sqrt(x * x + y * y + z * z)
}
