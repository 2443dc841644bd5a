import { base64Of, bytesOf } from '../model/base64'
import type { Mesh } from '../model/mesh'
import type { ZoneFacing } from '../model/shape'
import type { DrawnShape } from './drawn'
import { facingOf } from './facings'
import { meetsOf } from './meets'
import type { ZonedMesh } from './meshFacts'
import { neighboursOf } from './neighbours'
import { whole } from './solid'
import type { ShapeEdge } from './standIn'

/** Steps from one end of a mesh to the other, along each axis: how finely its points are kept. */
const MESH_STEPS = 65_535

/** A mesh that was zoned, as it is kept: its points to a 65,535th of its lengths, its zones as its faces. */
export function keptMesh(id: string, name: string, zoned: ZonedMesh): Mesh {
  const { solid, facts, zoneOf, triangles } = zoned
  const { from, lengths } = boxOf(solid.points)
  const steps = Uint16Array.from(solid.points, (mm, i) =>
    Math.round((MESH_STEPS * (mm - (from[i % 3] as number))) / (lengths[i % 3] || 1)),
  )
  return {
    id,
    name,
    triangles: triangles.read,
    from,
    lengths,
    points: base64Of(new Uint8Array(steps.buffer)),
    corners: base64Of(new Uint8Array(solid.corners.slice().buffer)),
    faceOf: base64Of(Uint8Array.from(zoneOf)),
    faces: facts.zones.map((zone) => zone.id),
  }
}

type Three = [number, number, number]

function boxOf(points: Float32Array): { from: Three; lengths: Three } {
  const low: Three = [Number.POSITIVE_INFINITY, Number.POSITIVE_INFINITY, Number.POSITIVE_INFINITY]
  const high: Three = [Number.NEGATIVE_INFINITY, Number.NEGATIVE_INFINITY, Number.NEGATIVE_INFINITY]
  points.forEach((mm, i) => {
    low[i % 3] = Math.min(low[i % 3] as number, mm)
    high[i % 3] = Math.max(high[i % 3] as number, mm)
  })
  return { from: low, lengths: low.map((from, c) => (high[c] as number) - from) as Three }
}

/** A mesh that is kept: its points, the corners of its triangles and their faces. @throws RangeError if it wasn't read by its schema */
function bytesOfKept(mesh: Mesh) {
  const [points, corners, faceOf] = [mesh.points, mesh.corners, mesh.faceOf].map(bytesOf)
  if (!points || !corners || !faceOf) throw new RangeError('bytesOfKept: no base64')
  const mm = Float32Array.from(new Uint16Array(points.buffer), (step, i) => {
    const c = i % 3
    return (mesh.from[c] as number) + (step / MESH_STEPS) * (mesh.lengths[c] as number)
  })
  return { points: mm, corners: new Uint32Array(corners.buffer), faceOf }
}

const drawnOf = new WeakMap<Mesh, DrawnShape>()

/** A mesh that is kept, as it is drawn; the same object for the same mesh. */
export function drawnMesh(mesh: Mesh): DrawnShape {
  const known = drawnOf.get(mesh)
  if (known) return known
  const { points, corners, faceOf } = bytesOfKept(mesh)
  const soup = new Float32Array(corners.length * 3)
  corners.forEach((id, i) => {
    soup.set(points.subarray(id * 3, id * 3 + 3), i * 3)
  })
  const drawn = { points: soup, zoneOf: Int32Array.from(faceOf), zones: mesh.faces }
  drawnOf.set(mesh, drawn)
  return drawn
}

/** Faces of a mesh as they are drawn anew: some triangles become a face of their own. */
export function withFace(mesh: Mesh, triangles: readonly number[], face: string): Mesh {
  const faceOf = bytesOfKept(mesh).faceOf
  for (const t of triangles) faceOf[t] = mesh.faces.length
  return { ...mesh, faces: [...mesh.faces, face], faceOf: base64Of(faceOf) }
}

/**
 * How large each face of a mesh is, where it faces on the whole and how high it stands, and where faces meet.
 *
 * @returns areas in cm², by the faces' places
 */
export function facesOfKept(mesh: Mesh): { faces: FaceFacts[]; meets: ShapeEdge[] } {
  const { points, corners, faceOf } = bytesOfKept(mesh)
  const solid = whole(points, corners)
  const sums = mesh.faces.map(() => ({ area: 0, x: 0, y: 0, z: 0, up: 0 }))
  const [low, tall] = [mesh.from[2], mesh.lengths[2] || 1]
  faceOf.forEach((face, t) => {
    const sum = sums[face] as (typeof sums)[number]
    const area = solid.areas[t] as number
    sum.area += area
    sum.x += area * (solid.normals[t * 3] as number)
    sum.y += area * (solid.normals[t * 3 + 1] as number)
    sum.z += area * (solid.normals[t * 3 + 2] as number)
    const z = (k: number) => points[(corners[t * 3 + k] as number) * 3 + 2] as number
    sum.up += area * ((z(0) + z(1) + z(2)) / 3 - low)
  })
  return {
    faces: sums.map(({ area, x, y, z, up }) => ({
      areaCm2: area / 100,
      facing: facingOf({ x, y, z }),
      height: area > 0 ? up / area / tall : 0,
    })),
    meets: meetsOf(
      solid,
      neighboursOf(solid),
      Int32Array.from(faceOf),
      (place) => mesh.faces[place] as string,
    ),
  }
}

/** A face of a mesh that is kept. */
export type FaceFacts = { areaCm2: number; facing: ZoneFacing; height: number }
