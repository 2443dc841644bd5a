/** A mesh as points and triangles of them. */
export type Triangulated = { points: Float32Array; corners: Uint32Array }

/** Passes that are made at the most: each halves what is too long. */
const MOST_PASSES = 24

/**
 * Triangles cut in the middle of sides that are too long, until none is or there are so many points. Whole: no point lies on
 * another triangle's side. Each triangle comes with the one of the mesh that it was cut from.
 *
 * @param longest side, mm
 * @param most points
 * Source: handbook 10.2.
 */
export function subdivided(
  mesh: Triangulated,
  longest: number,
  most: number,
): Triangulated & { from: Int32Array } {
  let points = Array.from(mesh.points)
  let corners = Array.from(mesh.corners)
  let from = Array.from({ length: corners.length / 3 }, (_, t) => t)
  for (let pass = 0; pass < MOST_PASSES; pass++) {
    const cut = cutOnce(points, corners, from, longest, most)
    if (!cut) break
    points = cut.points
    corners = cut.corners
    from = cut.from
  }
  return {
    points: Float32Array.from(points),
    corners: Uint32Array.from(corners),
    from: Int32Array.from(from),
  }
}

/** One pass; null where nothing is too long, or no point more may be. */
function cutOnce(
  before: readonly number[],
  corners: readonly number[],
  from: readonly number[],
  longest: number,
  most: number,
) {
  const points = [...before]
  const middles = new Map<number, number>()
  const many = before.length / 3
  const middleOf = (a: number, b: number): number => {
    const [low, high] = a < b ? [a, b] : [b, a]
    const key = low * many + high
    const known = middles.get(key)
    if (known !== undefined) return known
    const [dx, dy, dz] = [0, 1, 2].map(
      (c) => (before[low * 3 + c] as number) - (before[high * 3 + c] as number),
    ) as [number, number, number]
    const room = points.length / 3 < most
    const long = room && Math.sqrt(dx * dx + dy * dy + dz * dz) > longest
    const id = long ? points.length / 3 : -1
    if (long)
      for (let c = 0; c < 3; c++)
        points.push(((before[low * 3 + c] as number) + (before[high * 3 + c] as number)) / 2)
    middles.set(key, id)
    return id
  }
  const next: number[] = []
  const own: number[] = []
  for (let t = 0; t < from.length; t++) {
    const three = [0, 1, 2].map((k) => corners[t * 3 + k] as number) as Three
    const [a, b, c] = three
    const pieces = piecesOfTriangle(three, [middleOf(a, b), middleOf(b, c), middleOf(c, a)])
    for (const piece of pieces) {
      next.push(...piece)
      own.push(from[t] as number)
    }
  }
  return points.length > before.length ? { points, corners: next, from: own } : null
}

type Three = [number, number, number]

/** A triangle with some of its sides cut (−1: not), as triangles. */
function piecesOfTriangle([a, b, c]: Three, [ab, bc, ca]: Three): Three[] {
  const cut = [ab, bc, ca].filter((one) => one >= 0).length
  if (cut === 0) return [[a, b, c]]
  if (cut === 3)
    return [
      [a, ab, ca],
      [ab, b, bc],
      [ca, bc, c],
      [ab, bc, ca],
    ]
  // Turned until the side that is cut, or the one that isn't, is the first.
  const first = cut === 1 ? ab >= 0 : ab < 0
  if (!first) return piecesOfTriangle([b, c, a], [bc, ca, ab])
  return cut === 1
    ? [
        [a, ab, c],
        [ab, b, c],
      ]
    : [
        [a, b, bc],
        [a, bc, ca],
        [ca, bc, c],
      ]
}
