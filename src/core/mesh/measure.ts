import { readObj } from './obj'
import { seamsOf } from './seams'
import { MESH_UNITS, type MeshSize } from './size'
import { readStl } from './stl'
import { MeshError, pointOf, type Triangles, triangleCount } from './triangles'

/** What was measured of a mesh, at the size of the model. */
export type MeshMeasure = {
  triangles: number
  /** Surface of the model, cm². */
  areaCm2: number
  /** Shares of it that face up, sideways and down: within 45° of the vertical, or not. */
  facing: { up: number; side: number; down: number }
  /** Length along each axis of the file, mm on the model. */
  sizeMm: [number, number, number]
  /** Edges where it is open, and where more than two faces meet; both 0: watertight. */
  openEdges: number
  crowdedEdges: number
  warnings: string[]
}

/** A face within 45° of the vertical faces up or down. */
const STEEP = Math.SQRT1_2
/** A model this large or small is most likely meant in another unit, mm. */
const LIKELY_MM = [5, 2000] as const

/**
 * Reads a mesh file and measures its surface.
 *
 * @param name of the file: its ending tells what it is
 * @throws MeshError with words for the person, if the file is damaged or empty
 * Source: handbook 4.4.
 */
export function measureMesh(
  name: string,
  bytes: Uint8Array,
  size: MeshSize,
  onProgress: (share: number) => void = () => {},
): MeshMeasure {
  const triangles = readMesh(name, bytes)
  onProgress(0.5)
  const measured = surfaceOf(triangles, size)
  onProgress(0.7)
  const seams = seamsOf(triangles)
  onProgress(1)
  return {
    ...measured,
    triangles: triangleCount(triangles),
    openEdges: seams.open,
    crowdedEdges: seams.crowded,
    warnings: warningsOf(measured.sizeMm, seams),
  }
}

/** Reads a mesh file as its ending says. @throws MeshError with words for the person, if it is damaged or empty */
export function readMesh(name: string, bytes: Uint8Array): Triangles {
  const ending = name.toLowerCase().split('.').at(-1)
  if (ending !== 'stl' && ending !== 'obj')
    throw new MeshError('it is neither .stl nor .obj, which are what is read')
  const triangles = ending === 'obj' ? readObj(bytes) : readStl(bytes)
  if (triangleCount(triangles) === 0) throw new MeshError('there is no face in it')
  const { points } = triangles
  for (let i = 0; i < points.length; i++)
    if (!Number.isFinite(points[i]))
      throw new MeshError(`point ${Math.floor(i / 3) + 1} of it is no number`)
  return triangles
}

function surfaceOf(triangles: Triangles, { unit, scale, up }: MeshSize) {
  const { points } = triangles
  const count = triangleCount(triangles)
  const mm = MESH_UNITS[unit] / scale
  const axis = up === 'y' ? 1 : 2
  const least = [Number.POSITIVE_INFINITY, Number.POSITIVE_INFINITY, Number.POSITIVE_INFINITY]
  const most = [Number.NEGATIVE_INFINITY, Number.NEGATIVE_INFINITY, Number.NEGATIVE_INFINITY]
  let [all, above, below] = [0, 0, 0]
  const at = (i: number) => points[i] as number
  for (let t = 0; t < count; t++) {
    const a = pointOf(triangles, t * 3) * 3
    const b = pointOf(triangles, t * 3 + 1) * 3
    const c = pointOf(triangles, t * 3 + 2) * 3
    for (let i = 0; i < 3; i++) {
      const [low, high] = [
        Math.min(at(a + i), at(b + i), at(c + i)),
        Math.max(at(a + i), at(b + i), at(c + i)),
      ]
      if (low < (least[i] as number)) least[i] = low
      if (high > (most[i] as number)) most[i] = high
    }
    const [ux, uy, uz] = [at(b) - at(a), at(b + 1) - at(a + 1), at(b + 2) - at(a + 2)]
    const [vx, vy, vz] = [at(c) - at(a), at(c + 1) - at(a + 1), at(c + 2) - at(a + 2)]
    const [x, y, z] = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx]
    const twice = Math.sqrt(x * x + y * y + z * z)
    all += twice
    const lift = axis === 1 ? y : z
    if (lift > STEEP * twice) above += twice
    else if (lift < -STEEP * twice) below += twice
  }
  if (!(all > 0)) throw new MeshError('its faces have no area')
  const share = (part: number) => part / all
  return {
    areaCm2: ((all / 2) * mm * mm) / 100,
    facing: { up: share(above), side: share(all - above - below), down: share(below) },
    sizeMm: [0, 1, 2].map((i) => ((most[i] as number) - (least[i] as number)) * mm) as [
      number,
      number,
      number,
    ],
  }
}

function warningsOf(sizeMm: readonly number[], seams: { open: number; crowded: number }): string[] {
  const warnings: string[] = []
  const longest = Math.max(...sizeMm)
  if (longest < LIKELY_MM[0] || longest > LIKELY_MM[1])
    warnings.push(
      `It comes out ${longest < 1 ? longest.toPrecision(2) : Math.round(longest)} mm long: is the unit, or the scale, another?`,
    )
  if (seams.open > 0)
    warnings.push(
      `It is open along ${seams.open} edges: only what is there is counted, and one side of it.`,
    )
  if (seams.crowded > 0)
    warnings.push(
      `More than two faces meet at ${seams.crowded} edges: walls inside are counted too.`,
    )
  return warnings
}
