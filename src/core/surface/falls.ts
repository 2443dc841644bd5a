import type { Samples } from './samples'

/** A drop runs where so much of its weight is left along the face. Source: handbook 10.2. */
const LEAST = 0.15

/** The way a drop runs on each face: gravity's part along it; none where it lies flat. Source: handbook 10.2. */
export function fallsOf(
  nx: Float32Array,
  ny: Float32Array,
  nz: Float32Array,
  up: Samples['upward'],
): Pick<Samples, 'fallX' | 'fallY' | 'fallZ'> {
  const count = nx.length
  const fallX = new Float32Array(count)
  const fallY = new Float32Array(count)
  const fallZ = new Float32Array(count)
  for (let i = 0; i < count; i++) {
    const [a, b, c] = [nx[i] as number, ny[i] as number, nz[i] as number]
    const dot = a * up[0] + b * up[1] + c * up[2]
    const [x, y, z] = [dot * a - up[0], dot * b - up[1], dot * c - up[2]]
    const left = Math.sqrt(x * x + y * y + z * z)
    if (left < LEAST) continue
    fallX[i] = x / left
    fallY[i] = y / left
    fallZ[i] = z / left
  }
  return { fallX, fallY, fallZ }
}
