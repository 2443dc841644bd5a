import { tableSize } from '../mesh/seams'
import type { Solid } from './solid'

/** Who is beside whom, by the sides of triangles: side 3t + k runs from corner k of triangle t to the next. */
export type Neighbours = {
  /** The triangle across each side; −1 where it is open, or where more than two meet. */
  across: Int32Array
  /** Cosine of the angle between the two normals; 1 where nobody is across. */
  cosine: Float32Array
}

/** Finds who is across every side. */
export function neighboursOf({ corners, normals }: Solid): Neighbours {
  const sides = corners.length
  const across = new Int32Array(sides).fill(-1)
  const cosine = new Float32Array(sides).fill(1)
  const first = firstSides(corners)
  // −2: a third one came, and nobody is across any of them.
  const second = new Int32Array(sides).fill(-1)
  for (let side = 0; side < sides; side++) {
    const head = first[side] as number
    if (head === side) continue
    second[head] = second[head] === -1 ? side : -2
  }
  for (let side = 0; side < sides; side++) {
    const other = second[side] as number
    if (other < 0) continue
    const [one, two] = [Math.floor(side / 3), Math.floor(other / 3)]
    const dot = dotOf(normals, one, two)
    across[side] = two
    across[other] = one
    cosine[side] = dot
    cosine[other] = dot
  }
  return { across, cosine }
}

/** Of each side the first one between the same two points. */
function firstSides(corners: Uint32Array): Int32Array {
  const sides = corners.length
  const mask = tableSize(sides / 2) - 1
  const table = new Int32Array(mask + 1).fill(-1)
  const first = new Int32Array(sides)
  for (let side = 0; side < sides; side++) {
    const [from, to] = endsOf(corners, side)
    let hash = Math.imul(from, 0x9e3779b1) ^ Math.imul(to, 0x85ebca6b)
    hash ^= hash >>> 15
    let slot = hash & mask
    for (;;) {
      const known = table[slot] as number
      if (known === -1) {
        table[slot] = side
        first[side] = side
        break
      }
      const [a, b] = endsOf(corners, known)
      if (a === from && b === to) {
        first[side] = known
        break
      }
      slot = (slot + 1) & mask
    }
  }
  return first
}

/** The two points of a side, the lower id first. */
export function endsOf(corners: Uint32Array, side: number): [number, number] {
  const from = corners[side] as number
  const to = corners[side % 3 === 2 ? side - 2 : side + 1] as number
  return from < to ? [from, to] : [to, from]
}

function dotOf(normals: Float32Array, one: number, two: number): number {
  const [a, b] = [one * 3, two * 3]
  return (
    (normals[a] as number) * (normals[b] as number) +
    (normals[a + 1] as number) * (normals[b + 1] as number) +
    (normals[a + 2] as number) * (normals[b + 2] as number)
  )
}
