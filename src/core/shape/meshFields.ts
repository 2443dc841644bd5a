import { SHARP } from './flood'
import { endsOf, type Neighbours } from './neighbours'
import { rayTree } from './rayTree'
import type { Solid } from './solid'

/** What is known of every point of a mesh. Source: handbook 12.1, 10.2. */
export type MeshFields = {
  /** Unit normals, weighted by area. */
  facing: Float32Array
  /** 0 on a face, 1 on a corner. */
  edge: Float32Array
  /** Share of the sky over it that it sees. */
  open: Float32Array
  /** How deep it lies in a hollow, mm. */
  recess: Float32Array
  /** 0 the lowest point, 1 the highest. */
  level: Float32Array
}

/** Rays from every point over its half of the sky. Source: handbook 12.1. */
const RAYS = 64
/** Rays begin so far off the surface, as a share of the model's length: they don't meet what they leave. */
const OFF = 1e-4
/** An edge shows from a rounding of 1 mm, and whole on one of 0.2 mm. Source: handbook 10.2. */
const EDGE = { per: 0.25, from: 0.25 } as const
/** What sees less of the sky than this lies in a hollow; a hollow that sees none is so deep, mm. Source: handbook 10.2. */
const HOLLOW = { open: 0.85, deepest: 0.6 } as const
/** Progress is told, and a wish to stop looked for, after so many points. */
const PIECE = 2048

/** Whoever asked for the fields doesn't want them any more. */
export class Cancelled extends Error {}

/**
 * The fields of a mesh: its points looked at one by one. Deterministic.
 *
 * @param onProgress hears the share that is done; throws `Cancelled` to stop it
 * @param hollowFrom what bends inwards less than this, per mm, is no hollow but a facet of what is flat or round
 * Source: handbook 12.1.
 */
export function meshFields(
  solid: Solid,
  neighbours: Neighbours,
  sky: SkyShare,
  onProgress: (share: number) => void = () => {},
  hollowFrom = 0,
): MeshFields {
  const facing = pointNormals(solid)
  const { edge, hollow } = bends(solid, neighbours, hollowFrom)
  const open = openOf(solid, facing, sky, onProgress)
  const recess = open.map((seen, i) =>
    // What bends outwards is no hollow, however little sky it sees.
    hollow[i] && seen < HOLLOW.open ? (1 - seen / HOLLOW.open) * HOLLOW.deepest : 0,
  )
  return { facing, edge, open, recess, level: levels(solid) }
}

function pointNormals({ points, corners, normals, areas }: Solid): Float32Array {
  const facing = new Float32Array(points.length)
  for (let corner = 0; corner < corners.length; corner++) {
    const t = Math.floor(corner / 3)
    const [at, area] = [(corners[corner] as number) * 3, areas[t] as number]
    for (let c = 0; c < 3; c++)
      facing[at + c] = (facing[at + c] as number) + area * (normals[t * 3 + c] as number)
  }
  for (let i = 0; i < facing.length; i += 3) {
    const length = Math.hypot(...(facing.subarray(i, i + 3) as unknown as number[])) || 1
    for (let c = 0; c < 3; c++) facing[i + c] = (facing[i + c] as number) / length
  }
  return facing
}

/** How sharp each point's edges are, and whether anything bends inwards there. */
function bends(solid: Solid, { across, cosine }: Neighbours, hollowFrom: number) {
  const { points, corners } = solid
  const edge = new Float32Array(points.length / 3)
  const hollow = new Uint8Array(points.length / 3)
  for (let side = 0; side < corners.length; side++) {
    const other = across[side] as number
    // Each pair once.
    if (other < 0 || other < side / 3) continue
    const turn = Math.acos(Math.min(1, Math.max(-1, cosine[side] as number)))
    const ends = endsOf(corners, side)
    const curve = turn / Math.max(0.1, apart(solid, Math.floor(side / 3), other))
    if (bendsIn(solid, Math.floor(side / 3), other)) {
      if (turn > 0.01 && curve >= hollowFrom) for (const end of ends) hollow[end] = 1
      continue
    }
    const sharp =
      (cosine[side] as number) < SHARP ? 1 : Math.min(1, Math.max(0, EDGE.per * curve - EDGE.from))
    for (const end of ends) edge[end] = Math.max(edge[end] as number, sharp)
  }
  return { edge, hollow }
}

/** Does the other triangle rise in front of this one? */
function bendsIn({ points, corners, normals }: Solid, one: number, other: number): boolean {
  let rise = 0
  const from = (corners[one * 3] as number) * 3
  for (let k = 0; k < 3; k++) {
    const at = (corners[other * 3 + k] as number) * 3
    for (let c = 0; c < 3; c++)
      rise +=
        (normals[one * 3 + c] as number) *
        ((points[at + c] as number) - (points[from + c] as number))
  }
  return rise > 0
}

/** How far apart the middles of two triangles are, mm. */
function apart({ points, corners }: Solid, one: number, other: number): number {
  let square = 0
  for (let c = 0; c < 3; c++) {
    let way = 0
    for (let k = 0; k < 3; k++)
      way +=
        (points[(corners[one * 3 + k] as number) * 3 + c] as number) -
        (points[(corners[other * 3 + k] as number) * 3 + c] as number)
    square += (way / 3) ** 2
  }
  return Math.sqrt(square)
}

function levels({ points }: Solid): Float32Array {
  let [low, high] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY]
  for (let i = 2; i < points.length; i += 3) {
    low = Math.min(low, points[i] as number)
    high = Math.max(high, points[i] as number)
  }
  const span = high - low || 1
  return Float32Array.from(
    { length: points.length / 3 },
    (_, i) => ((points[i * 3 + 2] as number) - low) / span,
  )
}

/** The share of the sky over each point that nothing of the mesh hides. */
function openOf(
  { points }: Solid,
  facing: Float32Array,
  sky: SkyShare,
  onProgress: (share: number) => void,
): Float32Array {
  const open = new Float32Array(points.length / 3)
  for (let i = 0; i < open.length; i++) {
    if (i % PIECE === 0) onProgress(i / open.length)
    open[i] = sky(points, facing, i * 3)
  }
  onProgress(1)
  return open
}

/** The share of the sky that is seen from a place, over a unit normal there: both read from tables at the same place. */
export type SkyShare = (points: Float32Array, normals: Float32Array, at: number) => number

/** Asks a mesh how much of the sky is seen from where. */
export function skyOver(solid: Solid): SkyShare {
  const { meets, rises } = rayTree(solid)
  const off = OFF * lengthOf(solid)
  const sky = skyRays()
  return (points, normals, at) => {
    const [x, y, z] = [normals[at] as number, normals[at + 1] as number, normals[at + 2] as number]
    const ox = (points[at] as number) + x * off
    const oy = (points[at + 1] as number) + y * off
    const oz = (points[at + 2] as number) + z * off
    // Where nothing rises over the place, no ray of this half of the sky meets anything.
    if (!rises(x, y, z, ox * x + oy * y + oz * z)) return 1
    // Two ways across the normal.
    const steep = Math.abs(z) < 0.9
    const flat = steep ? 1 / Math.hypot(x, y) : 1 / Math.hypot(y, z)
    const [ux, uy, uz] = steep ? [-y * flat, x * flat, 0] : [0, -z * flat, y * flat]
    const [vx, vy, vz] = [y * uz - z * uy, z * ux - x * uz, x * uy - y * ux]
    let seen = 0
    for (let r = 0; r < RAYS; r++) {
      const [a, b, c] = [sky[r * 3] as number, sky[r * 3 + 1] as number, sky[r * 3 + 2] as number]
      const dx = a * ux + b * vx + c * x
      const dy = a * uy + b * vy + c * y
      const dz = a * uz + b * vz + c * z
      if (!meets(ox, oy, oz, dx, dy, dz)) seen++
    }
    return seen / RAYS
  }
}

function lengthOf({ points }: Solid): number {
  let most = 0
  for (let c = 0; c < 3; c++) {
    let [low, high] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY]
    for (let i = c; i < points.length; i += 3) {
      low = Math.min(low, points[i] as number)
      high = Math.max(high, points[i] as number)
    }
    most = Math.max(most, high - low)
  }
  return most
}

/** Rays spread over half a sky, thicker overhead as its light is: the same ones for every point. */
function skyRays(): Float64Array {
  const golden = Math.PI * (3 - Math.sqrt(5))
  const rays = new Float64Array(RAYS * 3)
  for (let i = 0; i < RAYS; i++) {
    const r = Math.sqrt((i + 0.5) / RAYS)
    rays.set([r * Math.cos(i * golden), r * Math.sin(i * golden), Math.sqrt(1 - r * r)], i * 3)
  }
  return rays
}
