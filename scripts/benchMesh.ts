import { measureMesh } from '../src/core/mesh'
import { binaryStl, obj, sphere, textStl } from '../src/core/mesh/tests/meshes'

// A sphere of two million triangles, read and measured from bytes in memory.
const FINE = 708
const solid = sphere(50, FINE)
const exact = (4 * Math.PI * 2500) / 100
for (const [name, write] of [
  ['binary.stl', binaryStl],
  ['mesh.obj', obj],
  ['text.stl', textStl],
] as const) {
  const bytes = write(solid)
  const began = performance.now()
  const measured = measureMesh(name, bytes, { unit: 'mm', scale: 1, up: 'z' })
  const ms = performance.now() - began
  const rss = process.memoryUsage().rss / 2 ** 20
  console.log(
    `${name}: ${measured.triangles} triangles, ${(bytes.length / 2 ** 20).toFixed(0)} MB: ${ms.toFixed(0)} ms, area off by ${((measured.areaCm2 / exact - 1) * 100).toFixed(4)} %, process ${rss.toFixed(0)} MB (with the mesh it was made from)`,
  )
}
