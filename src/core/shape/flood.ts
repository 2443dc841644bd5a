import type { Neighbours } from './neighbours'
import type { Solid } from './solid'

/** How far a zone's faces turn from its seed's, and how sharp an edge parts it: cosines of 35° and 40°. Source: handbook 12.1. */
const TURNED = Math.cos((35 * Math.PI) / 180)
/** An edge is sharp beyond 40°. Source: handbook 12.1. */
export const SHARP = Math.cos((40 * Math.PI) / 180)
/** A zone smaller than this share joins its largest neighbour. Source: handbook 12.1. */
const SMALL = 0.02
/** A slack on cosines: a box's own faces are turned by nothing but rounding. */
const ROUNDING = 1e-6

/** Zones of a mesh: of every triangle the number of its zone, from 0, the largest zone first. Source: handbook 12.1. */
export function floodZones(solid: Solid, neighbours: Neighbours): Int32Array {
  const patches = flooded(solid, neighbours)
  return numbered(joined(patches, solid, neighbours), solid.areas)
}

/** Patches of faces that look alike, from the largest triangle on. */
function flooded({ areas, normals }: Solid, { across, cosine }: Neighbours): Int32Array {
  const seeds = Uint32Array.from(areas.keys()).sort(
    (a, b) => (areas[b] as number) - (areas[a] as number) || a - b,
  )
  const patch = new Int32Array(areas.length).fill(-1)
  const queue = new Uint32Array(areas.length)
  let count = 0
  for (const seed of seeds) {
    if (patch[seed] !== -1) continue
    const [x, y, z] = [0, 1, 2].map((c) => normals[seed * 3 + c] as number) as [
      number,
      number,
      number,
    ]
    let [from, to] = [0, 1]
    queue[0] = seed
    patch[seed] = count
    while (from < to) {
      const at = queue[from++] as number
      for (let side = at * 3; side < at * 3 + 3; side++) {
        const other = across[side] as number
        if (other < 0 || patch[other] !== -1 || (cosine[side] as number) < SHARP - ROUNDING)
          continue
        const turned =
          x * (normals[other * 3] as number) +
          y * (normals[other * 3 + 1] as number) +
          z * (normals[other * 3 + 2] as number)
        if (turned < TURNED - ROUNDING) continue
        patch[other] = count
        queue[to++] = other
      }
    }
    count++
  }
  return patch
}

/** Patches that are too small join the largest beside them, the smallest first; what lies apart joins what faces as it does. */
function joined(patch: Int32Array, solid: Solid, { across }: Neighbours): Int32Array {
  const { areas } = solid
  const sums = sumsOf(patch, solid)
  const count = sums.length
  const parent = Int32Array.from({ length: count }, (_, i) => i)
  const rootOf = (of: number): number => {
    let root = of
    while (parent[root] !== root) root = parent[root] as number
    for (let at = of; at !== root; ) {
      const next = parent[at] as number
      parent[at] = root
      at = next
    }
    return root
  }
  const beside = Array.from({ length: count }, () => new Set<number>())
  across.forEach((other, side) => {
    if (other < 0) return
    const [one, two] = [patch[Math.floor(side / 3)] as number, patch[other] as number]
    if (one !== two) beside[one]?.add(two)
  })
  const all = areas.reduce((sum, area) => sum + area, 0)
  const alike = largestByWay(sums)
  const whole = sums.reduce(
    (most, { area }, id) => (area > (sums[most] as Sum).area ? id : most),
    0,
  )
  const areaOf = (of: number) => (sums[of] as Sum).area
  const largest = (ids: Iterable<number>, not: number): number => {
    let most = -1
    for (const id of ids) {
      const root = rootOf(id)
      if (root === not) continue
      if (most < 0 || areaOf(root) > areaOf(most) || (areaOf(root) === areaOf(most) && root < most))
        most = root
    }
    return most
  }
  const waiting = sums
    .map((_, i) => i)
    .sort((a, b) => areaOf(a) - areaOf(b) || a - b)
    .filter((id) => areaOf(id) < SMALL * all)
  for (let next = 0; next < waiting.length; next++) {
    const small = waiting[next] as number
    if (rootOf(small) !== small || areaOf(small) >= SMALL * all) continue
    let into = largest(beside[small] ?? [], small)
    if (into < 0) into = largest([alike.get(wayOf(sums[small] as Sum)) ?? small, whole], small)
    if (into < 0) continue
    const [one, two] = [beside[into] as Set<number>, beside[small] as Set<number>]
    parent[small] = into
    add(sums[into] as Sum, sums[small] as Sum)
    // The smaller list goes into the larger one.
    beside[into] = one.size < two.size ? two : one
    for (const id of one.size < two.size ? one : two) beside[into]?.add(id)
    if (areaOf(into) < SMALL * all) waiting.push(into)
  }
  return patch.map(rootOf)
}

/** Area of a patch, mm², and its normals added up, weighted by area. */
type Sum = { area: number; x: number; y: number; z: number }

function sumsOf(patch: Int32Array, { areas, normals }: Solid): Sum[] {
  const sums: Sum[] = []
  patch.forEach((id, t) => {
    sums[id] ??= { area: 0, x: 0, y: 0, z: 0 }
    const area = areas[t] as number
    add(sums[id], {
      area,
      x: area * (normals[t * 3] as number),
      y: area * (normals[t * 3 + 1] as number),
      z: area * (normals[t * 3 + 2] as number),
    })
  })
  return sums
}

function add(to: Sum, more: Sum): void {
  to.area += more.area
  to.x += more.x
  to.y += more.y
  to.z += more.z
}

/** For each of six ways to face, the largest patch that faces so. */
function largestByWay(sums: readonly Sum[]): ReadonlyMap<number, number> {
  const most = new Map<number, number>()
  sums.forEach((sum, id) => {
    const best = most.get(wayOf(sum))
    if (best === undefined || sum.area > (sums[best] as Sum).area) most.set(wayOf(sum), id)
  })
  return most
}

/** The axis that a patch faces along most, and which way along it: 0 to 5. */
function wayOf({ x, y, z }: Sum): number {
  const ways = [x, -x, y, -y, z, -z]
  return ways.indexOf(Math.max(...ways))
}

/** Numbers from 0, the largest zone first. */
function numbered(zones: Int32Array, areas: Float32Array): Int32Array {
  const sums = new Map<number, number>()
  zones.forEach((id, t) => {
    sums.set(id, (sums.get(id) ?? 0) + (areas[t] as number))
  })
  const order = [...sums].sort(([a, one], [b, other]) => other - one || a - b)
  const number = new Map(order.map(([id], i) => [id, i]))
  return zones.map((id) => number.get(id) as number)
}
