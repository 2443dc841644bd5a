import type { Build, Part } from '../model/build'
import type { Edit } from '../model/edit'
import type { Mesh } from '../model/mesh'
import type { Zone } from '../model/zone'
import { type DrawnShape, drawnStandIn } from '../shape/drawn'
import { drawnMesh, facesOfKept, withFace } from '../shape/keptMesh'
import { zonesOf } from './zoneRegions'

/** The shape of a part as it is drawn, its zones by their ids; null: none was said, or its mesh isn't here. */
export function shapeOfPart(build: Build, part: Part, mesh: Mesh | undefined): DrawnShape | null {
  const drawn = part.standIn
    ? drawnStandIn(part.standIn)
    : mesh && mesh.id === part.mesh
      ? drawnMesh(mesh)
      : null
  if (!drawn) return null
  const zones = zonesOf(build, part.id)
  const place = drawn.zones.map((face) => zones.findIndex((zone) => hasFace(zone, part, face)))
  return {
    points: drawn.points,
    zoneOf: drawn.zoneOf.map((face) => place[face] as number),
    zones: zones.map(({ id }) => id),
  }
}

/** Has a zone a face of its part's shape? Zones that were proposed before faces were named say it by their ids. */
function hasFace({ id, faces = [id] }: Zone, part: Part, face: string): boolean {
  return faces.some(
    (one) => one === face || one.replace(/-\d+$/, '').endsWith(`${part.id}-${face}`),
  )
}

/**
 * A zone of a mesh as it was drawn round: some triangles become a zone of their own, taken from those that they were of.
 *
 * @param zone the id of the new one, and of its face
 * @param meshId of the mesh with it: others may be drawn by the one there was
 * @param triangles by their places; as drawn
 * @returns the mesh with the face, and the edit with the zones; null: nothing would be left, or nothing was meant
 * Source: handbook 12.1.
 */
export function drawnRound(
  build: Build,
  part: Part,
  mesh: Mesh,
  {
    zone,
    meshId,
    name,
    triangles,
  }: { zone: string; meshId: string; name: string; triangles: readonly number[] },
): { mesh: Mesh; edit: Edit } | null {
  if (triangles.length === 0 || mesh.faces.length >= 255) return null
  const next = { ...withFace(mesh, triangles, zone), id: meshId }
  const [before, after] = [facesOfKept(mesh), facesOfKept(next)]
  const area = (of: typeof before, own: Zone) =>
    next.faces.reduce(
      (sum, face, i) => sum + (hasFace(own, part, face) ? (of.faces[i]?.areaCm2 ?? 0) : 0),
      0,
    )
  const own = zonesOf(build, part.id)
  const kept = own.flatMap((one): Zone[] => {
    const left = area(after, one) / (area(before, one) || 1)
    if (left < 1e-9) return []
    return [{ ...one, ...(one.areaCm2 ? { areaCm2: hundredths(one.areaCm2 * left) } : {}) }]
  })
  const moved = own.reduce((sum, one) => sum + (one.areaCm2 ?? 0), 0)
  const facts = after.faces.at(-1)
  if (!facts || kept.length === 0) return null
  const rest = kept.reduce((sum, one) => sum + (one.areaCm2 ?? 0), 0)
  const made: Zone = {
    id: zone,
    part: part.id,
    name,
    faces: [zone],
    facing: facts.facing,
    height: hundredths(Math.min(1, Math.max(0, facts.height))),
    areaCm2: Math.max(0.01, hundredths(moved > 0 ? moved - rest : facts.areaCm2)),
  }
  const zones = [...kept, made]
  const edges = edgesBetween(zones, part, after.meets)
  const others = (build.zones ?? []).filter((one) => one.part !== part.id)
  const all = [...others, ...zones.map((one) => ({ ...one, edges: edges.get(one.id) ?? [] }))]
  return {
    mesh: next,
    edit: {
      do: 'all',
      edits: [
        { do: 'part', part: part.id, fields: { mesh: meshId } },
        { do: 'set', fields: { zones: all } },
      ],
    },
  }
}

/** Where zones meet, by where their faces do. */
function edgesBetween(
  zones: readonly Zone[],
  part: Part,
  meets: ReturnType<typeof facesOfKept>['meets'],
): Map<string, NonNullable<Zone['edges']>> {
  const edges = new Map<string, NonNullable<Zone['edges']>>()
  const of = (face: string) => zones.find((zone) => hasFace(zone, part, face))?.id
  const meet = (a: string, b: string, mm: number, soft: boolean) => {
    const list = edges.get(a) ?? []
    const known = list.find(({ zone }) => zone === b)
    if (known) {
      known.mm = hundredths(known.mm + mm)
      if (!soft) delete known.soft
    } else list.push({ zone: b, mm: hundredths(mm), ...(soft ? { soft } : {}) })
    edges.set(a, list)
  }
  for (const { a, b, mm, soft } of meets) {
    const [one, two] = [of(a), of(b)]
    if (!one || !two || one === two) continue
    meet(one, two, mm, soft)
    meet(two, one, mm, soft)
  }
  return edges
}

function hundredths(value: number): number {
  return Math.round(value * 100) / 100
}
