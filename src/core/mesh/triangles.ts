/** Points, three numbers each as the file gives them, and triangles. */
export type Triangles = {
  points: Float32Array
  /** Three points of each triangle; null: the points are the corners, one triangle after the other. */
  corners: Uint32Array | null
}

/** How many triangles there are, with shared corners or without. */
export function triangleCount({ points, corners }: Triangles): number {
  return corners ? corners.length / 3 : points.length / 9
}

/** Which point a corner is, corners counted through all triangles. */
export function pointOf({ corners }: Triangles, corner: number): number {
  return corners ? (corners[corner] as number) : corner
}

/** A longer table with what is in this one. */
export function doubled<T extends Float32Array | Uint32Array>(all: T): T {
  const larger = new (all.constructor as new (length: number) => T)(all.length * 2)
  larger.set(all)
  return larger
}

/** Why a file is no mesh: in words for the person who chose it. */
export class MeshError extends Error {}

/** The largest mesh that is read, triangles. */
export const MOST_TRIANGLES = 10_000_000

/** Gathers triangles whose number isn't known yet. */
export function triangleStore(expected: number) {
  let corners = new Float32Array(Math.max(1024, Math.min(expected, MOST_TRIANGLES)) * 9)
  let used = 0
  return {
    count: () => used / 9,
    add: (...nine: [number, number, number, number, number, number, number, number, number]) => {
      if (used / 9 >= MOST_TRIANGLES)
        throw new MeshError(`it has more than ${MOST_TRIANGLES} triangles`)
      if (used + 9 > corners.length) corners = doubled(corners)
      for (let i = 0; i < 9; i++) corners[used + i] = nine[i] as number
      used += 9
    },
    done: (): Triangles => ({ points: corners.subarray(0, used), corners: null }),
  }
}
