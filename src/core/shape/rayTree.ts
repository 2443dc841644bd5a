import { BufferAttribute, BufferGeometry } from 'three'
import { MeshBVH, SAH } from 'three-mesh-bvh'
import type { Solid } from './solid'

/** Does a ray from a point, along a unit way, meet any triangle? Coordinates in mm. */
export type Meets = (
  ox: number,
  oy: number,
  oz: number,
  dx: number,
  dy: number,
  dz: number,
) => boolean

/** Does any of the mesh rise over a plane, by its unit normal and how far out it lies along that? */
export type Rises = (nx: number, ny: number, nz: number, out: number) => boolean

/** A mesh to be asked. */
export type RayTree = { meets: Meets; rises: Rises }

/** A node of the tree: six bounds, then where it goes on, eight words in all. Source: three-mesh-bvh, its serialised roots. */
const NODE = 8
const LEAF = 0xffff
/** No tree is deeper: the builder stops at 40. */
const DEEPEST = 64

/**
 * A mesh to be asked whether rays meet it.
 *
 * The tree is the library's; it is walked here because its own walk makes an object of every hit, and asks for the nearest
 * where any will do: a tenth of the speed on the millions of rays that the sky takes.
 */
export function rayTree({ points, corners }: Pick<Solid, 'points' | 'corners'>): RayTree {
  const geometry = new BufferGeometry()
  geometry.setAttribute('position', new BufferAttribute(points, 3))
  geometry.setIndex(new BufferAttribute(corners.slice(), 1))
  const tree = new MeshBVH(geometry, { strategy: SAH, targetLeafSize: 4 })
  const { roots } = MeshBVH.serialize(tree, { cloneBuffers: false })
  // The builder has put the triangles in the order of its leaves.
  const index = geometry.getIndex()?.array as Uint32Array
  const flat = new Float32Array(index.length * 3)
  for (let i = 0; i < index.length; i++)
    for (let c = 0; c < 3; c++) flat[i * 3 + c] = points[(index[i] as number) * 3 + c] as number
  const root = roots[0] as ArrayBuffer
  return { meets: walk(root, flat), rises: rising(root, flat) }
}

function walk(root: ArrayBuffer, flat: Float32Array): Meets {
  const bounds = new Float32Array(root)
  const words = new Uint32Array(root)
  const halves = new Uint16Array(root)
  const stack = new Int32Array(DEEPEST)
  // What hid the ray before often hides this one too.
  let before = -1
  return (ox, oy, oz, dx, dy, dz) => {
    const [ix, iy, iz] = [1 / dx, 1 / dy, 1 / dz]
    // Of each pair of sides the one that is met first: the lower where the ray goes up.
    const [nx, ny, nz] = [ix < 0 ? 3 : 0, iy < 0 ? 4 : 1, iz < 0 ? 5 : 2]
    const [fx, fy, fz] = [3 - nx, 5 - ny, 7 - nz]
    if (before >= 0 && hits(flat, before, ox, oy, oz, dx, dy, dz)) return true
    let height = 0
    stack[height++] = 0
    while (height > 0) {
      const node = stack[--height] as number
      const ax = ((bounds[node + nx] as number) - ox) * ix
      const bx = ((bounds[node + fx] as number) - ox) * ix
      const ay = ((bounds[node + ny] as number) - oy) * iy
      const by = ((bounds[node + fy] as number) - oy) * iy
      if (ax > by || ay > bx || bx < 0 || by < 0) continue
      const az = ((bounds[node + nz] as number) - oz) * iz
      const bz = ((bounds[node + fz] as number) - oz) * iz
      if (az > bx || az > by || ax > bz || ay > bz || bz < 0) continue
      if (halves[node * 2 + 15] === LEAF) {
        const from = words[node + 6] as number
        const to = from + (halves[node * 2 + 14] as number)
        for (let t = from; t < to; t++) {
          if (!hits(flat, t * 9, ox, oy, oz, dx, dy, dz)) continue
          before = t * 9
          return true
        }
      } else {
        stack[height++] = node + (words[node + 6] as number) * NODE
        stack[height++] = node + NODE
      }
    }
    return false
  }
}

/** The corners of a node's box that lie farthest along a way are looked at, and in leaves the corners of triangles. */
function rising(root: ArrayBuffer, flat: Float32Array): Rises {
  const bounds = new Float32Array(root)
  const words = new Uint32Array(root)
  const halves = new Uint16Array(root)
  const stack = new Int32Array(DEEPEST)
  return (nx, ny, nz, out) => {
    const [fx, fy, fz] = [nx > 0 ? 3 : 0, ny > 0 ? 4 : 1, nz > 0 ? 5 : 2]
    let height = 0
    stack[height++] = 0
    while (height > 0) {
      const node = stack[--height] as number
      const far =
        nx * (bounds[node + fx] as number) +
        ny * (bounds[node + fy] as number) +
        nz * (bounds[node + fz] as number)
      if (far <= out) continue
      if (halves[node * 2 + 15] === LEAF) {
        const from = (words[node + 6] as number) * 9
        const to = from + (halves[node * 2 + 14] as number) * 9
        for (let at = from; at < to; at += 3)
          if (
            nx * (flat[at] as number) +
              ny * (flat[at + 1] as number) +
              nz * (flat[at + 2] as number) >
            out
          )
            return true
      } else {
        stack[height++] = node + (words[node + 6] as number) * NODE
        stack[height++] = node + NODE
      }
    }
    return false
  }
}

/** Does a ray meet a triangle, from whichever side? Three corners from a place in the table. */
function hits(
  p: Float32Array,
  at: number,
  ox: number,
  oy: number,
  oz: number,
  dx: number,
  dy: number,
  dz: number,
): boolean {
  const [x, y, z] = [p[at] as number, p[at + 1] as number, p[at + 2] as number]
  const ax = (p[at + 3] as number) - x
  const ay = (p[at + 4] as number) - y
  const az = (p[at + 5] as number) - z
  const bx = (p[at + 6] as number) - x
  const by = (p[at + 7] as number) - y
  const bz = (p[at + 8] as number) - z
  const px = dy * bz - dz * by
  const py = dz * bx - dx * bz
  const pz = dx * by - dy * bx
  const det = ax * px + ay * py + az * pz
  if (det === 0) return false
  const inv = 1 / det
  const sx = ox - x
  const sy = oy - y
  const sz = oz - z
  const u = (sx * px + sy * py + sz * pz) * inv
  if (u < 0 || u > 1) return false
  const qx = sy * az - sz * ay
  const qy = sz * ax - sx * az
  const qz = sx * ay - sy * ax
  const v = (dx * qx + dy * qy + dz * qz) * inv
  if (v < 0 || u + v > 1) return false
  return (bx * qx + by * qy + bz * qz) * inv > 0
}
