export type Vec = readonly [number, number, number]

export function dot(a: Vec, b: Vec): number {
  return a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
}

function minus(a: Vec, b: Vec): Vec {
  return [a[0] - b[0], a[1] - b[1], a[2] - b[2]]
}

/** Shares of points whose sum is nearest the origin, and how near that is. */
export type Nearest = { shares: number[]; distance: number }

/** The point of a line between two points that is nearest the origin. */
export function nearestOnLine(a: Vec, b: Vec): Nearest {
  const along = minus(b, a)
  const length = dot(along, along)
  const t = length === 0 ? 0 : Math.min(1, Math.max(0, -dot(a, along) / length))
  return { shares: [1 - t, t], distance: lengthOf(a, b, 1 - t, t) }
}

function lengthOf(a: Vec, b: Vec, s: number, t: number): number {
  return Math.hypot(a[0] * s + b[0] * t, a[1] * s + b[1] * t, a[2] * s + b[2] * t)
}

/** The point of a triangle that is nearest the origin: inside of it, or on one of its sides. */
export function nearestOnTriangle(a: Vec, b: Vec, c: Vec): Nearest {
  const ab = minus(b, a)
  const ac = minus(c, a)
  const [d00, d01, d11] = [dot(ab, ab), dot(ab, ac), dot(ac, ac)]
  const [e0, e1] = [-dot(a, ab), -dot(a, ac)]
  const det = d00 * d11 - d01 * d01
  if (det > 1e-12 * d00 * d11) {
    const v = (d11 * e0 - d01 * e1) / det
    const w = (d00 * e1 - d01 * e0) / det
    if (v >= 0 && w >= 0 && v + w <= 1) {
      const u = 1 - v - w
      const at = [0, 1, 2].map((i) => u * (a[i] ?? 0) + v * (b[i] ?? 0) + w * (c[i] ?? 0))
      return { shares: [u, v, w], distance: Math.hypot(...at) }
    }
  }
  const [s, t, r] = [nearestOnLine(a, b), nearestOnLine(b, c), nearestOnLine(a, c)]
  const [s0 = 0, s1 = 0] = s.shares
  const [t0 = 0, t1 = 0] = t.shares
  const [r0 = 0, r1 = 0] = r.shares
  if (s.distance <= t.distance && s.distance <= r.distance)
    return { shares: [s0, s1, 0], distance: s.distance }
  return t.distance <= r.distance
    ? { shares: [0, t0, t1], distance: t.distance }
    : { shares: [r0, 0, r1], distance: r.distance }
}
