import { readFileSync } from 'node:fs'
import { basename } from 'node:path'
import { meshAnswer } from '../src/core/formats/zonesFile'
import { MESH_UNITS, type MeshSize } from '../src/core/mesh/size'
import { MeshError } from '../src/core/mesh/triangles'
import type { Parsed, Problem } from '../src/core/model/input'
import { zoneMesh } from '../src/core/shape/meshFacts'
import type { Flags } from './commands'

/** Reads a mesh file and answers its zones; one that can’t be read whole is refused. */
export function runMesh(path: string, flags: Flags): Parsed<unknown> {
  const size = sizeOf(flags)
  if (!size.ok) return size
  const bytes = new Uint8Array(readFileSync(path))
  try {
    return { ok: true, value: meshAnswer(zoneMesh(basename(path), bytes, size.value)) }
  } catch (error) {
    if (!(error instanceof MeshError)) throw error
    return {
      ok: false,
      problems: [{ path: '', found: error.message, expected: 'a whole mesh, .stl or .obj' }],
    }
  }
}

function sizeOf({ unit = 'mm', scale = '1', up = 'z' }: Flags): Parsed<MeshSize> {
  const times = Number(scale)
  const units = Object.keys(MESH_UNITS)
  const problems: Problem[] = [
    ...(units.includes(unit) ? [] : [{ path: '--unit', found: unit, expected: units.join(', ') }]),
    ...(times > 0 && times <= 100_000
      ? []
      : [{ path: '--scale', found: scale, expected: 'a number above 0, up to 100000' }]),
    ...(up === 'y' || up === 'z' ? [] : [{ path: '--up', found: up, expected: 'y, z' }]),
  ]
  if (problems.length > 0) return { ok: false, problems }
  return {
    ok: true,
    value: { unit: unit as MeshSize['unit'], scale: times, up: up as MeshSize['up'] },
  }
}
