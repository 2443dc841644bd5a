import { meshFields, skyOver } from '../shape/meshFields'
import { neighboursOf } from '../shape/neighbours'
import { measured, type Solid } from '../shape/solid'
import { fallsOf } from './falls'
import { hashed } from './noise'
import type { Outlet, Samples } from './samples'
import { subdivided, type Triangulated } from './subdivided'

/** No side of a triangle is longer, mm, as long as there are no more points. Source: handbook 10.2. */
const LONGEST = 0.6
const MOST_POINTS = 400_000
/** What bends inwards is an inner corner from here on, per mm. Source: handbook 10.2. */
const INNER_CORNER = 1
/** A model as it stands. */
const UP = [0, 0, 1] as const

/** What a mesh is painted by beside its triangles. */
export type MeshPainted = {
  /** Of each triangle, its zone, from 0 on; left out: it has none. */
  zoneOf?: ArrayLike<number>
  outlets?: readonly Outlet[]
  /** Points at the most; left out: as many as it wants, up to 400,000. */
  most?: number
}

/**
 * A mesh as samples: its points, once its sides are short enough; x ahead, y to port, z up.
 *
 * @param onProgress hears the share that is done; what it throws stops the work
 * @throws MeshError if nothing of it has an area
 * Source: handbook 10.2.
 */
export function meshSamples(
  mesh: Triangulated,
  { zoneOf, outlets = [], most = MOST_POINTS }: MeshPainted = {},
  onProgress: (share: number) => void = () => {},
): Samples & { corners: Uint32Array } {
  const fine = subdivided(mesh, LONGEST, most)
  const solid = measured(fine.points, fine.corners)
  const fields = meshFields(solid, neighboursOf(solid), skyOver(solid), onProgress, INNER_CORNER)
  const count = solid.points.length / 3
  const axis = (from: Float32Array, c: number) =>
    Float32Array.from({ length: count }, (_, i) => from[i * 3 + c] as number)
  const [x, y, z] = [0, 1, 2].map((c) => axis(solid.points, c)) as Axes
  const [nx, ny, nz] = [0, 1, 2].map((c) => axis(fields.facing, c)) as Axes
  const spacing = spacingOf(solid)
  return {
    corners: solid.corners,
    count,
    spacing,
    grid: null,
    ...{ x, y, z, nx, ny, nz },
    area: areasOf(solid, count),
    // It is turned in the hand while it is sprayed.
    front: new Float32Array(count).fill(1),
    recess: fields.recess,
    edge: fields.edge,
    open: fields.open,
    level: fields.level,
    up: nz,
    ...fallsOf(nx, ny, nz, UP),
    ...zonesOf(solid, fine.from, zoneOf, count),
    lineDepth: 0,
    outlets,
    ...besides(solid, count),
    near: nearIn(x, y, z, Math.max(spacing, 1)),
    upward: UP,
    travel: [1, 0, 0],
    axes: { across: [1, 0, 0], down: [0, 0, -1] },
  }
}

type Axes = [Float32Array, Float32Array, Float32Array]

/** The mean side, mm. */
function spacingOf({ points, corners }: Solid): number {
  let sum = 0
  for (let t = 0; t < corners.length; t += 3) {
    const [a, b] = [(corners[t] as number) * 3, (corners[t + 1] as number) * 3]
    sum += Math.hypot(
      (points[a] as number) - (points[b] as number),
      (points[a + 1] as number) - (points[b + 1] as number),
      (points[a + 2] as number) - (points[b + 2] as number),
    )
  }
  return sum / Math.max(1, corners.length / 3)
}

/** A third of every triangle that a point is a corner of. */
function areasOf({ corners, areas }: Solid, count: number): Float32Array {
  const out = new Float32Array(count)
  for (let c = 0; c < corners.length; c++) {
    const i = corners[c] as number
    out[i] = (out[i] as number) + (areas[Math.floor(c / 3)] as number) / 3
  }
  return out
}

/** The zone of each point: of the first triangle that it is a corner of. */
function zonesOf(
  { corners }: Solid,
  from: Int32Array,
  zoneOf: ArrayLike<number> | undefined,
  count: number,
): Pick<Samples, 'plate' | 'plates'> {
  const plate = new Uint8Array(count)
  if (!zoneOf) return { plate, plates: 0 }
  let plates = 0
  for (let c = 0; c < corners.length; c++) {
    const i = corners[c] as number
    const zone = zoneOf[from[Math.floor(c / 3)] as number] as number
    if (plate[i] !== 0 || zone < 0 || zone > 254) continue
    plate[i] = zone + 1
    plates = Math.max(plates, zone + 1)
  }
  return { plate, plates }
}

/** Points that share a side. */
function besides({ corners }: Solid, count: number): Pick<Samples, 'start' | 'next'> {
  const around = Array.from({ length: count }, () => new Set<number>())
  for (let t = 0; t < corners.length; t += 3)
    for (let k = 0; k < 3; k++) {
      const [a, b] = [corners[t + k] as number, corners[t + ((k + 1) % 3)] as number]
      around[a]?.add(b)
      around[b]?.add(a)
    }
  const start = new Int32Array(count + 1)
  around.forEach((own, i) => {
    start[i + 1] = (start[i] as number) + own.size
  })
  const next = new Int32Array(start[count] as number)
  around.forEach((own, i) => {
    next.set(
      [...own].toSorted((a, b) => a - b),
      start[i],
    )
  })
  return { start, next }
}

/** Points by the cells of a lattice that they lie in. */
function nearIn(x: Float32Array, y: Float32Array, z: Float32Array, cell: number): Samples['near'] {
  const cells = new Map<number, number[]>()
  const at = (v: number) => Math.floor(v / cell)
  const key = (i: number, j: number, k: number) => hashed(11, i, j, k)
  for (let i = 0; i < x.length; i++) {
    const own = key(at(x[i] as number), at(y[i] as number), at(z[i] as number))
    const before = cells.get(own)
    if (before) before.push(i)
    else cells.set(own, [i])
  }
  return (px, py, pz, radius, visit) => {
    for (let i = at(px - radius); i <= at(px + radius); i++)
      for (let j = at(py - radius); j <= at(py + radius); j++)
        for (let k = at(pz - radius); k <= at(pz + radius); k++)
          // Cells far apart may share a key.
          for (const sample of cells.get(key(i, j, k)) ?? [])
            if (
              Math.abs((x[sample] as number) - px) <= radius &&
              Math.abs((y[sample] as number) - py) <= radius &&
              Math.abs((z[sample] as number) - pz) <= radius
            )
              visit(sample)
  }
}
