/** Corners of triangles, nine numbers each, as the file gives them. */
export type Triangles = Float32Array

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
      if (used + 9 > corners.length) {
        const larger = new Float32Array(corners.length * 2)
        larger.set(corners)
        corners = larger
      }
      for (let i = 0; i < 9; i++) corners[used + i] = nine[i] as number
      used += 9
    },
    done: (): Triangles => corners.subarray(0, used),
  }
}
