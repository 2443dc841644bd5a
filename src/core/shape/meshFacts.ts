import { type MeshSize, readMesh } from '../mesh/measure'
import type { ZoneFacing } from '../model/shape'
import { coarser } from './coarser'
import { floodZones, SHARP } from './flood'
import { type MeshFields, meshFields, type SkyShare, skyOver } from './meshFields'
import { type Neighbours, neighboursOf } from './neighbours'
import { type Solid, solidOf } from './solid'
import type { ShapeEdge, ShapeFacts, ShapeZone } from './standIn'

/** A mesh with its zones: what is known of it, and to which zone each triangle belongs. */
export type ZonedMesh = {
  solid: Solid
  fields: MeshFields
  facts: ShapeFacts
  /** Of each triangle, its zone's place among the zones of the facts. */
  zoneOf: Int32Array
  /** Means over the surface. */
  means: { open: number; edge: number; recess: number }
  /** Triangles with an area that were read, and those that zones and fields were found on. */
  triangles: { read: number; kept: number }
}

/** Up and down is what is within 45° of the vertical. */
const STEEP = Math.SQRT1_2
/** A zone that sees less of the sky than this lies inside. */
const INSIDE = 0.4
/** A triangle is large from this share of the surface on. */
const LARGE = 0.002

/**
 * Reads a mesh file, finds its fields and proposes its zones. Deterministic.
 *
 * @param name of the file: its ending tells what it is
 * @param onProgress hears the share that is done; what it throws stops the work
 * @throws MeshError with words for the person, if the file is damaged or empty
 * Source: handbook 12.1.
 */
export function zoneMesh(
  name: string,
  bytes: Uint8Array,
  size: MeshSize,
  onProgress: (share: number) => void = () => {},
): ZonedMesh {
  const whole = solidOf(readMesh(name, bytes), size)
  onProgress(0.05)
  const solid = coarser(whole)
  onProgress(0.1)
  const neighbours = neighboursOf(solid)
  const sky = skyOver(solid)
  const fields = meshFields(solid, neighbours, sky, (share) => onProgress(0.15 + share * 0.75))
  const zoneOf = floodZones(solid, neighbours)
  onProgress(0.95)
  const found = factsOf(solid, neighbours, fields, zoneOf, sky)
  return {
    solid,
    fields,
    ...found,
    facts: solid === whole ? found.facts : measuredOn(whole, found.facts),
    triangles: { read: whole.areas.length, kept: solid.areas.length },
  }
}

/** Zones that were found on a coarser mesh, with areas and edges of the whole one: they add up to it. */
function measuredOn(whole: Solid, facts: ShapeFacts): ShapeFacts {
  const areaCm2 = whole.areas.reduce((sum, area) => sum + area, 0) / 100
  const times = areaCm2 / facts.areaCm2
  return {
    ...facts,
    areaCm2,
    edgeMm: sharpEdges(whole, neighboursOf(whole)),
    zones: facts.zones.map((zone) => ({ ...zone, areaCm2: zone.areaCm2 * times })),
  }
}

type Sum = { area: number; up: number; x: number; y: number; z: number; open: number }

function factsOf(
  solid: Solid,
  neighbours: Neighbours,
  fields: MeshFields,
  zoneOf: Int32Array,
  sky: SkyShare,
) {
  const { corners, normals, areas } = solid
  const whole = areas.reduce((sum, area) => sum + area, 0)
  const sums: Sum[] = []
  const all = { area: 0, up: 0, down: 0, open: 0, edge: 0, recess: 0 }
  for (let t = 0; t < areas.length; t++) {
    const id = zoneOf[t] as number
    sums[id] ??= { area: 0, up: 0, x: 0, y: 0, z: 0, open: 0 }
    const [sum, area] = [sums[id], areas[t] as number]
    const mean = (field: Float32Array) =>
      ((field[corners[t * 3] as number] as number) +
        (field[corners[t * 3 + 1] as number] as number) +
        (field[corners[t * 3 + 2] as number] as number)) /
      3
    const z = normals[t * 3 + 2] as number
    // A large triangle is looked at in its middle too: its corners may all lie at a rim.
    const open =
      area > LARGE * whole ? sky(middleOf(solid, t), normals.subarray(t * 3), 0) : mean(fields.open)
    sum.area += area
    sum.up += area * mean(fields.level)
    sum.open += area * open
    sum.x += area * (normals[t * 3] as number)
    sum.y += area * (normals[t * 3 + 1] as number)
    sum.z += area * z
    all.area += area
    if (z > STEEP) all.up += area
    else if (z < -STEEP) all.down += area
    all.open += area * open
    all.edge += area * mean(fields.edge)
    all.recess += area * mean(fields.recess)
  }
  const zones = named(sums)
  const place = new Map(zones.map(({ from }, i) => [from, i]))
  const share = (part: number) => part / all.area
  const [up, down] = [share(all.up), share(all.down)]
  const facts: ShapeFacts = {
    areaCm2: all.area / 100,
    facing: { up, side: Math.max(0, 1 - up - down), down },
    edgeMm: sharpEdges(solid, neighbours),
    lineMm: 0,
    zones: zones.map(({ zone }) => zone),
    meets: meetsOf(
      solid,
      neighbours,
      zoneOf,
      (id) => zones[place.get(id) as number]?.zone.id ?? '',
    ),
  }
  return {
    facts,
    zoneOf: zoneOf.map((id) => place.get(id) as number),
    means: { open: share(all.open), edge: share(all.edge), recess: share(all.recess) },
  }
}

function middleOf({ points, corners }: Solid, t: number): Float32Array {
  return Float32Array.from(
    [0, 1, 2],
    (c) =>
      [0, 1, 2].reduce(
        (sum, k) => sum + (points[(corners[t * 3 + k] as number) * 3 + c] as number),
        0,
      ) / 3,
  )
}

/** Zones by where they face, top first; of those that face alike the largest first, and numbered. */
function named(sums: readonly Sum[]): { from: number; zone: ShapeZone }[] {
  const rows = sums.map((sum, from) => ({ from, sum, ...saidOf(sum) }))
  const order = NAMES.map(({ name }) => name)
  rows.sort(
    (a, b) =>
      order.indexOf(a.name) - order.indexOf(b.name) || b.sum.area - a.sum.area || a.from - b.from,
  )
  return rows.map(({ from, sum, name, facing }, i) => {
    const nth = rows.slice(0, i).filter((row) => row.name === name).length + 1
    const full = nth === 1 ? name : `${name} ${nth}`
    return {
      from,
      zone: {
        id: full.toLowerCase().replaceAll(' ', '-'),
        name: full,
        facing,
        height: Math.min(1, Math.max(0, sum.up / sum.area)),
        areaCm2: sum.area / 100,
      },
    }
  })
}

const NAMES: readonly { name: string; facing: ZoneFacing; is: (sum: Sum) => boolean }[] = [
  { name: 'Inside', facing: 'inside', is: ({ open, area }) => open < INSIDE * area },
  { name: 'Top', facing: 'up', is: ({ z, ...sum }) => z > STEEP * lengthOf({ z, ...sum }) },
  {
    name: 'Underside',
    facing: 'down',
    is: ({ z, ...sum }) => z < -STEEP * lengthOf({ z, ...sum }),
  },
  { name: 'Front', facing: 'front', is: ({ x, y }) => x > Math.abs(y) },
  { name: 'Rear', facing: 'rear', is: ({ x, y }) => -x > Math.abs(y) },
  { name: 'Port', facing: 'side', is: ({ y }) => y > 0 },
  { name: 'Starboard', facing: 'side', is: ({ y }) => y < 0 },
  { name: 'All round', facing: 'side', is: () => true },
]

function lengthOf({ x, y, z }: Sum): number {
  return Math.hypot(x, y, z)
}

function saidOf(sum: Sum): { name: string; facing: ZoneFacing } {
  // What looks every way looks none: a ball of one zone.
  const round = lengthOf(sum) < 0.05 * sum.area && sum.open >= INSIDE * sum.area
  const row = round ? NAMES.at(-1) : NAMES.find(({ is }) => is(sum))
  if (!row) throw new RangeError('saidOf: a zone faces nowhere')
  return row
}

/** Where a surface faces on the whole, by its normals added up. */
export function facingOf({ x, y, z }: { x: number; y: number; z: number }): ZoneFacing {
  return saidOf({ x, y, z, area: Math.hypot(x, y, z), up: 0, open: Number.POSITIVE_INFINITY })
    .facing
}

/** Where zones meet: along their sharp edges, or softly where there are none. */
export function meetsOf(
  { points, corners }: Solid,
  { across, cosine }: Neighbours,
  zoneOf: Int32Array,
  idOf: (zone: number) => string,
): ShapeEdge[] {
  const pairs = new Map<string, { a: number; b: number; hard: number; soft: number }>()
  for (let side = 0; side < corners.length; side++) {
    const other = across[side] as number
    if (other < side / 3) continue
    const [one, two] = [zoneOf[Math.floor(side / 3)] as number, zoneOf[other] as number]
    if (one === two) continue
    const [a, b] = one < two ? [one, two] : [two, one]
    const pair = pairs.get(`${a} ${b}`) ?? { a, b, hard: 0, soft: 0 }
    pairs.set(`${a} ${b}`, pair)
    pair[(cosine[side] as number) < SHARP ? 'hard' : 'soft'] += sideLength(points, corners, side)
  }
  return [...pairs.values()].map(({ a, b, hard, soft }) => ({
    a: idOf(a),
    b: idOf(b),
    mm: hard > 0 ? hard : soft,
    soft: hard === 0,
  }))
}

function sideLength(points: Float32Array, corners: Uint32Array, side: number): number {
  const from = (corners[side] as number) * 3
  const to = (corners[side % 3 === 2 ? side - 2 : side + 1] as number) * 3
  return Math.hypot(
    (points[from] as number) - (points[to] as number),
    (points[from + 1] as number) - (points[to + 1] as number),
    (points[from + 2] as number) - (points[to + 2] as number),
  )
}

/** Length of the edges sharper than 40°, mm. */
function sharpEdges({ points, corners }: Solid, { across, cosine }: Neighbours): number {
  let mm = 0
  for (let side = 0; side < corners.length; side++)
    if ((across[side] as number) >= side / 3 && (cosine[side] as number) < SHARP)
      mm += sideLength(points, corners, side)
  return mm
}
