import { weld } from '../mesh/seams'
import { MESH_UNITS, type MeshSize } from '../mesh/size'
import { MeshError, pointOf, type Triangles, triangleCount } from '../mesh/triangles'

/** A mesh at the size of the model as it stands: x ahead, y to port, z up, mm; points in one place are one. */
export type Solid = {
  /** Three coordinates a point. */
  points: Float32Array
  /** Three points a triangle; triangles without area are left out. */
  corners: Uint32Array
  /** Unit normal of each triangle. */
  normals: Float32Array
  /** Of each triangle, mm². */
  areas: Float32Array
}

/** A mesh file as it stands on the model. @throws MeshError if nothing of it has an area */
export function solidOf(mesh: Triangles, { unit, scale, up }: MeshSize): Solid {
  const mm = MESH_UNITS[unit] / scale
  const ids = weld(mesh.points)
  const known = ids.reduce((most, id) => Math.max(most, id + 1), 0)
  const points = new Float32Array(known * 3)
  for (let i = 0; i < ids.length; i++) {
    const to = (ids[i] as number) * 3
    const [x, y, z] = [0, 1, 2].map((c) => (mesh.points[i * 3 + c] as number) * mm) as [
      number,
      number,
      number,
    ]
    points[to] = x
    points[to + 1] = up === 'z' ? y : -z
    points[to + 2] = up === 'z' ? z : y
  }
  const count = triangleCount(mesh)
  const corners = new Uint32Array(count * 3)
  let used = 0
  for (let t = 0; t < count; t++) {
    const [a, b, c] = [0, 1, 2].map((k) => ids[pointOf(mesh, t * 3 + k)] as number) as [
      number,
      number,
      number,
    ]
    if (a === b || b === c || c === a) continue
    corners[used++] = a
    corners[used++] = b
    corners[used++] = c
  }
  return outwards(measured(points, corners.subarray(0, used)))
}

/** A closed mesh that was drawn inside out is turned; of an open one nobody can say. */
function outwards(solid: Solid): Solid {
  const { points, corners, normals, areas } = solid
  // The areas of a closed surface cancel out by the way they face, and only then its volume doesn't depend on where it is.
  const sum = [0, 0, 0]
  let [volume, all] = [0, 0]
  areas.forEach((area, t) => {
    const from = (corners[t * 3] as number) * 3
    all += area
    for (let c = 0; c < 3; c++) {
      const part = area * (normals[t * 3 + c] as number)
      sum[c] = (sum[c] as number) + part
      volume += part * (points[from + c] as number)
    }
  })
  const closed = Math.hypot(...(sum as [number, number, number])) < 1e-3 * all
  if (!closed || volume >= 0) return solid
  return {
    points,
    areas,
    corners: corners.map((id, i) =>
      i % 3 === 0 ? id : (corners[i % 3 === 1 ? i + 1 : i - 1] as number),
    ),
    normals: normals.map((way) => -way),
  }
}

/** Triangles with their normals and areas, those without area too, so that each keeps its place. */
export function whole(points: Float32Array, corners: Uint32Array): Solid {
  const normals = new Float32Array(corners.length)
  const areas = new Float32Array(corners.length / 3)
  for (let t = 0; t < areas.length; t++) {
    const [x, y, z] = crossOf(points, corners, t * 3)
    const twice = Math.sqrt(x * x + y * y + z * z)
    areas[t] = twice / 2
    if (twice > 0) normals.set([x / twice, y / twice, z / twice], t * 3)
  }
  return { points, corners, normals, areas }
}

/** Twice a triangle's area along its normal. */
function crossOf(points: Float32Array, corners: Uint32Array, from: number): Three {
  const [a, b, c] = [0, 1, 2].map((k) => (corners[from + k] as number) * 3) as Three
  const at = (i: number) => points[i] as number
  const [ux, uy, uz] = [at(b) - at(a), at(b + 1) - at(a + 1), at(b + 2) - at(a + 2)]
  const [vx, vy, vz] = [at(c) - at(a), at(c + 1) - at(a + 1), at(c + 2) - at(a + 2)]
  return [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx]
}

type Three = [number, number, number]

/** Triangles with their normals and areas. @throws MeshError if nothing of them has an area */
export function measured(points: Float32Array, all: Uint32Array): Solid {
  const corners = new Uint32Array(all.length)
  const normals = new Float32Array(all.length)
  const areas = new Float32Array(all.length / 3)
  let count = 0
  for (let t = 0; t < all.length; t += 3) {
    const [x, y, z] = crossOf(points, all, t)
    const twice = Math.sqrt(x * x + y * y + z * z)
    if (!(twice > 0)) continue
    corners.set([all[t] as number, all[t + 1] as number, all[t + 2] as number], count * 3)
    normals.set([x / twice, y / twice, z / twice], count * 3)
    areas[count++] = twice / 2
  }
  if (count === 0) throw new MeshError('its faces have no area')
  return {
    points,
    corners: corners.subarray(0, count * 3),
    normals: normals.subarray(0, count * 3),
    areas: areas.subarray(0, count),
  }
}
