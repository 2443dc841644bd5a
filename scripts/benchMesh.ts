import { measureMesh } from '../src/core/mesh'
import { binaryStl, obj, sphere } from '../src/core/mesh/tests/meshes'
import { yardstickMs } from './yardstick'

const yardstick = yardstickMs()

// A sphere of two million triangles, read and measured from bytes in memory.
const FINE = 708
const exact = (4 * Math.PI * 2500) / 100
const files = filesOf()

/** Both files, made beforehand, so that what they were made from is gone. */
function filesOf() {
  const solid = sphere(50, FINE)
  return [
    { name: 'mesh.stl', bytes: binaryStl(solid) },
    { name: 'mesh.obj', bytes: obj(solid) },
  ]
}

for (const { name, bytes } of files) {
  const began = performance.now()
  const measured = measureMesh(name, bytes, { unit: 'mm', scale: 1, up: 'z' })
  const ms = performance.now() - began
  const rss = process.memoryUsage().rss / 2 ** 20
  console.log(
    `${name}: ${measured.triangles} triangles, ${(bytes.length / 2 ** 20).toFixed(0)} MB: ${ms.toFixed(0)} ms, ${(ms / yardstick).toFixed(0)} yardsticks, area off by ${((measured.areaCm2 / exact - 1) * 100).toFixed(4)} %, process ${rss.toFixed(0)} MB`,
  )
}
