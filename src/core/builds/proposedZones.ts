import type { Build, Part } from '../model/build'
import { changedRow } from '../model/changedRow'
import type { Edit } from '../model/edit'
import type { StandIn } from '../model/shape'
import type { Zone } from '../model/zone'
import { type ShapeFacts, standInFacts } from '../shape/standIn'

/** Sides that mirror one another, by what zones of a stand-in are called. */
const MIRRORS: readonly (readonly [string, string])[] = [
  ['port', 'starboard'],
  ['port-side', 'starboard-side'],
]

/** What a shape says of its zones: cm², and where they meet. */
export type Proposed = Pick<ShapeFacts, 'areaCm2' | 'zones' | 'meets'>

/** The longest id of a part that is put in front of its zones' own, characters. */
const LONGEST = 50

/** The zones that a shape proposes for a part, each with an id of its own in the build. Source: handbook 12.1. */
export function proposedZones(build: Build, part: Part, { zones, meets }: Proposed): Zone[] {
  const taken = new Set(
    (build.zones ?? []).filter((zone) => zone.part !== part.id).map(({ id }) => id),
  )
  const idOf = (own: string) => {
    const id = `${part.id.slice(0, LONGEST)}-${own}`
    let free = id
    for (let nth = 2; taken.has(free); nth++) free = `${id}-${nth}`
    return free
  }
  const ids = new Map(zones.map(({ id }) => [id, idOf(id)]))
  return zones.map(({ id, name, facing, height, areaCm2 }): Zone => {
    const pair = MIRRORS.find((sides) => sides.includes(id))
    const twin = pair && ids.get(pair[0] === id ? pair[1] : pair[0])
    return {
      id: ids.get(id) as string,
      part: part.id,
      name,
      faces: [id],
      facing,
      height: rounded(height, 100),
      areaCm2: Math.max(0.01, rounded(areaCm2, 100)),
      ...(twin ? { mirror: twin } : {}),
      edges: meets
        .filter(({ a }) => a === id)
        .map(({ b, mm, soft }) => ({
          zone: ids.get(b) as string,
          mm: rounded(mm, 10),
          ...(soft ? { soft } : {}),
        })),
    }
  })
}

/** Gives a part a stand-in: its area, and the zones that it proposes instead of those that it had. */
export function shapeEdit(build: Build, part: Part, shape: StandIn): Edit {
  return shapedEdit(build, part, standInFacts(shape), { standIn: shape, mesh: null })
}

/** Gives a part a mesh that was zoned: its area, and the zones that it proposes instead of those that it had. */
export function meshEdit(build: Build, part: Part, mesh: string, facts: Proposed): Edit {
  return shapedEdit(build, part, facts, { standIn: null, mesh })
}

function shapedEdit(
  build: Build,
  part: Part,
  facts: Proposed,
  by: { standIn: StandIn | null; mesh: string | null },
): Edit {
  const zones = proposedZones(build, part, facts)
  const areaCm2 = rounded(facts.areaCm2, 10)
  return {
    do: 'all',
    edits: [
      { do: 'part', part: part.id, fields: { ...by, areaCm2 } },
      { do: 'set', fields: { zones: [...others(build, part), ...zones] } },
    ],
  }
}

/** Changes some fields of a zone; null takes it off. */
export function zoneEdit(build: Build, id: string, fields: Partial<Zone> | null): Edit {
  return { do: 'set', fields: { zones: changedRow(build.zones ?? [], id, fields) } }
}

function others({ zones = [] }: Build, part: Part): Zone[] {
  return zones.filter((zone) => zone.part !== part.id)
}

function rounded(value: number, times: number): number {
  return Math.round(value * times) / times
}
