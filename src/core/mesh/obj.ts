import { byteReader } from './bytes'
import { doubled, MeshError, MOST_TRIANGLES, type Triangles } from './triangles'

/** Bytes of a face and its share of a corner, about. */
const FACE = 60

/** An OBJ: corners and faces; everything else is left out. @throws MeshError if it is damaged. Source: handbook 4.4. */
export function readObj(bytes: Uint8Array): Triangles {
  const reader = byteReader(bytes)
  let points = new Float32Array(Math.max(1024, Math.ceil(bytes.length / FACE / 2) * 3))
  let corners = new Uint32Array(Math.max(1024, Math.ceil(bytes.length / FACE) * 3))
  let [known, used] = [0, 0]
  const face: number[] = []
  for (let line = 1; reader.at < reader.length; line++) {
    if (reader.inLine()) {
      const word = reader.word()
      if (word === 'v') {
        if (known * 3 + 3 > points.length) points = doubled(points)
        for (let c = 0; c < 3; c++) {
          const value = reader.inLine() ? reader.number() : Number.NaN
          if (Number.isNaN(value)) throw new MeshError(`line ${line}: a corner has three numbers`)
          points[known * 3 + c] = value
        }
        known++
      } else if (word === 'f') {
        face.length = 0
        while (reader.inLine()) {
          const index = reader.number()
          const at = index < 0 ? known + index : index - 1
          if (!Number.isInteger(index) || index === 0 || at < 0 || at >= known)
            throw new MeshError(
              `line ${line}: a face names corner ${index}, and there are ${known}`,
            )
          face.push(at)
          // Texture and normal follow after slashes.
          while (reader.peek() > 32) reader.at++
        }
        if (face.length < 3) throw new MeshError(`line ${line}: a face has three corners or more`)
        if (used / 3 + face.length - 2 > MOST_TRIANGLES)
          throw new MeshError(`it has more than ${MOST_TRIANGLES} triangles`)
        // A polygon is a fan of triangles from its first corner.
        for (let i = 1; i + 1 < face.length; i++) {
          if (used + 3 > corners.length) corners = doubled(corners)
          corners[used++] = face[0] as number
          corners[used++] = face[i] as number
          corners[used++] = face[i + 1] as number
        }
      }
    }
    reader.nextLine()
  }
  return { points: points.subarray(0, known * 3), corners: corners.subarray(0, used) }
}
