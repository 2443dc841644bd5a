import * as v from 'valibot'
import { bytesOf } from './base64'
import { idField, nameField, ranged, wholeRanged } from './fields'

/** A mesh as it is kept beside the parts that are drawn by it. Source: docs/formats.md, handbook 12.1. */
export const meshSchema = v.pipe(
  v.looseObject({
    id: idField,
    /** Of the file that it was read from. */
    name: nameField,
    /** Triangles of the file; fewer may be kept. */
    triangles: wholeRanged(1, 50_000_000, 'triangles'),
    /** Its lowest corner and its lengths on the model as it stands, mm: ahead, to port, up. */
    from: v.tuple([v.number(), v.number(), v.number()]),
    lengths: v.tuple([length(), length(), length()]),
    /** Three steps (16 bits each) a point, three points (32 bits each) a triangle, one face (8 bits) a triangle; base64. */
    points: v.string(),
    corners: v.string(),
    faceOf: v.string(),
    /** Faces by their own ids, as zones name them. */
    faces: v.pipe(
      v.array(idField),
      v.minLength(1, 'a list of 1 to 255 faces'),
      v.maxLength(255, 'a list of 1 to 255 faces'),
    ),
  }),
  v.check((mesh) => isWhole(mesh), 'points, corners and faceOf that fit one another, in base64'),
)

function length() {
  return ranged(0, 100_000, 'mm')
}

/** A mesh that was read. */
export type Mesh = v.InferOutput<typeof meshSchema>

/** Do its bytes say what they should: every triangle three points that are there, and a face that is? */
function isWhole(mesh: { points: string; corners: string; faceOf: string; faces: string[] }) {
  const [points, corners, faceOf] = [mesh.points, mesh.corners, mesh.faceOf].map(bytesOf)
  if (!points || !corners || !faceOf) return false
  if (points.length % 6 !== 0 || corners.length !== faceOf.length * 12 || faceOf.length === 0)
    return false
  const count = points.length / 6
  const ids = new Uint32Array(corners.buffer, corners.byteOffset, corners.length / 4)
  return ids.every((id) => id < count) && faceOf.every((face) => face < mesh.faces.length)
}
