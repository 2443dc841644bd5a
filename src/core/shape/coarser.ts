import { measured, type Solid } from './solid'

/** The most triangles whose fields are found point by point; of a finer mesh one of about half as many stands for it. Source: handbook 12.1. */
const MOST_FINE = 400_000
/** Cells of a grid that a surface comes through, for each square of them that it covers. */
const THROUGH = 1.5

/**
 * A mesh of fewer triangles: points in one cell of a grid become one, in their middle. Deterministic.
 *
 * @param most triangles; about half as many are left of a finer one
 * @returns the same mesh where it is coarse enough
 */
export function coarser(solid: Solid, most = MOST_FINE): Solid {
  const { points, corners, areas } = solid
  if (areas.length <= most) return solid
  const area = areas.reduce((sum, one) => sum + one, 0)
  const cell = Math.sqrt((THROUGH * area) / (most / 4))
  const cells = new Map<string, number>()
  const into = new Uint32Array(points.length / 3)
  const sums: number[] = []
  for (let i = 0; i < into.length; i++) {
    const at = [0, 1, 2].map((c) => points[i * 3 + c] as number)
    const place = at.map((way) => Math.floor(way / cell)).join()
    let id = cells.get(place)
    if (id === undefined) {
      id = cells.size
      cells.set(place, id)
      sums.push(0, 0, 0, 0)
    }
    into[i] = id
    for (let c = 0; c < 3; c++) sums[id * 4 + c] = (sums[id * 4 + c] as number) + (at[c] as number)
    sums[id * 4 + 3] = (sums[id * 4 + 3] as number) + 1
  }
  const middles = new Float32Array(cells.size * 3)
  for (let id = 0; id < cells.size; id++)
    for (let c = 0; c < 3; c++)
      middles[id * 3 + c] = (sums[id * 4 + c] as number) / (sums[id * 4 + 3] as number)
  return measured(middles, whole(corners, into))
}

/** Triangles between three cells, each once. */
function whole(corners: Uint32Array, into: Uint32Array): Uint32Array {
  const known = new Set<string>()
  const kept: number[] = []
  for (let t = 0; t < corners.length; t += 3) {
    const three = [0, 1, 2].map((k) => into[corners[t + k] as number] as number)
    const [a, b, c] = three as [number, number, number]
    if (a === b || b === c || c === a) continue
    const key = three.toSorted((one, other) => one - other).join()
    if (known.has(key)) continue
    known.add(key)
    kept.push(a, b, c)
  }
  return Uint32Array.from(kept)
}
