import { byteReader } from './bytes'
import { MeshError, MOST_TRIANGLES, type Triangles, triangleStore } from './triangles'

const HEADER = 84
const RECORD = 50
/** A text facet takes about so many bytes. */
const TEXT_FACET = 180

/** An STL, binary or text. @throws MeshError if it is damaged. Source: handbook 4.4. */
export function readStl(bytes: Uint8Array): Triangles {
  return isBinary(bytes) ? readBinary(bytes) : readText(bytes)
}

/** A binary file may begin with "solid" too: its length tells. */
function isBinary(bytes: Uint8Array): boolean {
  if (bytes.length >= HEADER) {
    const count = new DataView(bytes.buffer, bytes.byteOffset).getUint32(80, true)
    if (bytes.length === HEADER + count * RECORD) return true
  }
  return String.fromCharCode(...bytes.subarray(0, 5)).toLowerCase() !== 'solid'
}

function readBinary(bytes: Uint8Array): Triangles {
  if (bytes.length < HEADER) throw new MeshError('it ends within its header')
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength)
  const count = view.getUint32(80, true)
  if (count > MOST_TRIANGLES)
    throw new MeshError(`it says ${count} triangles, which is more than ${MOST_TRIANGLES}`)
  const whole = HEADER + count * RECORD
  if (bytes.length < whole)
    throw new MeshError(
      `it says ${count} triangles, and ends after ${Math.floor((bytes.length - HEADER) / RECORD)}`,
    )
  const corners = new Float32Array(count * 9)
  for (let i = 0; i < count; i++) {
    // The normal comes first: it follows from the corners, and is often wrong.
    const from = HEADER + i * RECORD + 12
    for (let c = 0; c < 9; c++) corners[i * 9 + c] = view.getFloat32(from + c * 4, true)
  }
  return { points: corners, corners: null }
}

function readText(bytes: Uint8Array): Triangles {
  const reader = byteReader(bytes)
  const store = triangleStore(bytes.length / TEXT_FACET)
  const corner: number[] = []
  for (let line = 1; reader.at < reader.length; line++) {
    if (reader.inLine()) {
      const word = reader.word().toLowerCase()
      if (word === 'vertex') {
        for (let c = 0; c < 3; c++) {
          if (!reader.inLine()) throw new MeshError(`line ${line}: a corner has three numbers`)
          corner.push(reader.number())
        }
        if (corner.some(Number.isNaN))
          throw new MeshError(`line ${line}: a corner has three numbers`)
      } else if (word === 'endfacet' || word === 'endloop') {
        if (corner.length !== 0 && corner.length !== 9)
          throw new MeshError(
            `line ${line}: a facet has three corners, this one ${corner.length / 3}`,
          )
        if (corner.length === 9) store.add(...(corner.splice(0) as Parameters<typeof store.add>))
      }
    }
    reader.nextLine()
  }
  if (corner.length > 0) throw new MeshError('it ends within a facet')
  return store.done()
}
