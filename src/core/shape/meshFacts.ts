import { readMesh } from '../mesh/measure'
import type { MeshSize } from '../mesh/size'
import { coarser } from './coarser'
import { NAMES, STEEP, saidOf, type ZoneSum } from './facings'
import { floodZones } from './flood'
import { meetsOf, sharpEdges } from './meets'
import { type MeshFields, meshFields, type SkyShare, skyOver } from './meshFields'
import { type Neighbours, neighboursOf } from './neighbours'
import { type Solid, solidOf } from './solid'
import type { ShapeFacts, ShapeZone } from './standIn'

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

function factsOf(
  solid: Solid,
  neighbours: Neighbours,
  fields: MeshFields,
  zoneOf: Int32Array,
  sky: SkyShare,
) {
  const { corners, normals, areas } = solid
  const whole = areas.reduce((sum, area) => sum + area, 0)
  const sums: ZoneSum[] = []
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
function named(sums: readonly ZoneSum[]): { from: number; zone: ShapeZone }[] {
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
