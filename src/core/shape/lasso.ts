import type { DrawnShape } from './drawn'
import type { Pictured } from './pictured'

/** A point of a picture, px. */
export type Pixel = readonly [x: number, y: number]

/** What is behind a surface by more than this isn't on it, as a share of the part's depth in the picture. */
const BEHIND = 0.01

/**
 * The triangles within a line that was drawn round something in a picture: those whose middle is inside it and is seen.
 *
 * @param line its corners, in pixels of the picture; it is closed by itself
 */
export function withinLasso(
  drawn: DrawnShape,
  picture: Pictured,
  line: readonly Pixel[],
): number[] {
  if (line.length < 3) return []
  const seen = picture.near.filter(Number.isFinite)
  const depth = seen.reduce(
    ([low, high], near) => [Math.min(low, near), Math.max(high, near)] as const,
    [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY] as const,
  )
  const bears = Math.max(0.05, (depth[1] - depth[0]) * BEHIND)
  return [...drawn.zoneOf.keys()].filter((t) => {
    const [x, y, near] = picture.placeOf(...middleOf(drawn.points, t))
    if (!isInside(line, x, y)) return false
    const pixel = Math.floor(y) * picture.width + Math.floor(x)
    return near >= (picture.near[pixel] ?? Number.POSITIVE_INFINITY) - bears
  })
}

/** The triangles of some zones that stand higher than a share of what those zones are high, 0 to 1. */
export function aboveLevel(drawn: DrawnShape, zone: number, share: number): number[] {
  const own = [...drawn.zoneOf.keys()].filter((t) => drawn.zoneOf[t] === zone)
  const heights = own.map((t) => middleOf(drawn.points, t)[2])
  const low = heights.reduce((least, z) => Math.min(least, z), Number.POSITIVE_INFINITY)
  const high = heights.reduce((most, z) => Math.max(most, z), Number.NEGATIVE_INFINITY)
  const level = low + share * (high - low)
  return own.filter((_, i) => (heights[i] as number) > level)
}

function middleOf(points: Float32Array, t: number): [number, number, number] {
  return [0, 1, 2].map(
    (c) =>
      ((points[t * 9 + c] as number) +
        (points[t * 9 + 3 + c] as number) +
        (points[t * 9 + 6 + c] as number)) /
      3,
  ) as [number, number, number]
}

/** Is a point inside a closed line? It is where a ray from it crosses the line an odd number of times. */
function isInside(line: readonly Pixel[], x: number, y: number): boolean {
  let inside = false
  line.forEach(([ax, ay], i) => {
    const [bx, by] = line[(i + 1) % line.length] as Pixel
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) inside = !inside
  })
  return inside
}
