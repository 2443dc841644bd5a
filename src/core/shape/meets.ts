import { SHARP } from './flood'
import type { Neighbours } from './neighbours'
import type { Solid } from './solid'
import type { ShapeEdge } from './standIn'

/** Where zones meet: along their sharp edges, or softly where there are none. */
export function meetsOf(
  { points, corners }: Solid,
  { across, cosine }: Neighbours,
  zoneOf: Int32Array,
  idOf: (zone: number) => string,
): ShapeEdge[] {
  const pairs = new Map<string, { a: number; b: number; hard: number; soft: number }>()
  for (let side = 0; side < corners.length; side++) {
    const other = across[side] as number
    if (other < side / 3) continue
    const [one, two] = [zoneOf[Math.floor(side / 3)] as number, zoneOf[other] as number]
    if (one === two) continue
    const [a, b] = one < two ? [one, two] : [two, one]
    const pair = pairs.get(`${a} ${b}`) ?? { a, b, hard: 0, soft: 0 }
    pairs.set(`${a} ${b}`, pair)
    pair[(cosine[side] as number) < SHARP ? 'hard' : 'soft'] += sideLength(points, corners, side)
  }
  return [...pairs.values()].map(({ a, b, hard, soft }) => ({
    a: idOf(a),
    b: idOf(b),
    mm: hard > 0 ? hard : soft,
    soft: hard === 0,
  }))
}

function sideLength(points: Float32Array, corners: Uint32Array, side: number): number {
  const from = (corners[side] as number) * 3
  const to = (corners[side % 3 === 2 ? side - 2 : side + 1] as number) * 3
  return Math.hypot(
    (points[from] as number) - (points[to] as number),
    (points[from + 1] as number) - (points[to + 1] as number),
    (points[from + 2] as number) - (points[to + 2] as number),
  )
}

/** Length of the edges sharper than 40°, mm. */
export function sharpEdges({ points, corners }: Solid, { across, cosine }: Neighbours): number {
  let mm = 0
  for (let side = 0; side < corners.length; side++)
    if ((across[side] as number) >= side / 3 && (cosine[side] as number) < SHARP)
      mm += sideLength(points, corners, side)
  return mm
}
