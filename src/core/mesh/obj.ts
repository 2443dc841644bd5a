import { byteReader } from './bytes'
import { MeshError, type Triangles, triangleStore } from './triangles'

/** Bytes of a face and its share of a corner, about. */
const FACE = 60

/** An OBJ: corners and faces; everything else is left out. @throws MeshError if it is damaged. Source: handbook 4.4. */
export function readObj(bytes: Uint8Array): Triangles {
  const reader = byteReader(bytes)
  const store = triangleStore(bytes.length / FACE)
  let points = new Float32Array(3 * 1024)
  let used = 0
  const face: number[] = []
  const corner = (index: number, line: number) => {
    const at = index < 0 ? used / 3 + index : index - 1
    if (!Number.isInteger(index) || index === 0 || at < 0 || at >= used / 3)
      throw new MeshError(`line ${line}: a face names corner ${index}, and there are ${used / 3}`)
    return at * 3
  }
  for (let line = 1; reader.at < reader.length; line++) {
    if (reader.inLine()) {
      const word = reader.word()
      if (word === 'v') {
        if (used + 3 > points.length) {
          const larger = new Float32Array(points.length * 2)
          larger.set(points)
          points = larger
        }
        for (let c = 0; c < 3; c++) {
          const value = reader.inLine() ? reader.number() : Number.NaN
          if (Number.isNaN(value)) throw new MeshError(`line ${line}: a corner has three numbers`)
          points[used++] = value
        }
      } else if (word === 'f') {
        face.length = 0
        while (reader.inLine()) {
          face.push(corner(reader.number(), line))
          // Texture and normal follow after slashes.
          while (reader.peek() > 32) reader.at++
        }
        if (face.length < 3) throw new MeshError(`line ${line}: a face has three corners or more`)
        fan(face, points, store.add)
      }
    }
    reader.nextLine()
  }
  return store.done()
}

/** A polygon as triangles from its first corner. */
function fan(
  face: readonly number[],
  points: Float32Array,
  add: ReturnType<typeof triangleStore>['add'],
): void {
  const at = (corner: number, axis: number) => points[(face[corner] as number) + axis] as number
  for (let i = 1; i + 1 < face.length; i++)
    add(
      at(0, 0),
      at(0, 1),
      at(0, 2),
      at(i, 0),
      at(i, 1),
      at(i, 2),
      at(i + 1, 0),
      at(i + 1, 1),
      at(i + 1, 2),
    )
}
