import type { Build, BuildAct, Part } from '../model/build'
import type { Edit } from '../model/edit'
import { isAct } from '../model/isAct'
import type { Zone } from '../model/zone'

/**
 * Two zones of a part become one: it has the faces, the area and the edges of both, and what was meant for the other is meant
 * for it.
 *
 * @param into the id of the one that stays
 * @returns null where one of them isn't there, or they are of two parts
 * Source: handbook 12.1.
 */
export function joinedEdit(build: Build, into: string, other: string): Edit | null {
  const of = (id: string) => build.zones?.find((zone) => zone.id === id)
  const [kept, gone] = [of(into), of(other)]
  if (!kept || !gone || kept === gone || kept.part !== gone.part) return null
  const others = (build.zones ?? []).filter(({ id }) => id !== other)
  const zones = others.map((zone) =>
    zone === kept
      ? { ...kept, ...sumOf(kept, gone), edges: edgesOfBoth(build.zones ?? [], into, other) }
      : withoutEdges(zone, [into, other]),
  )
  const part = build.parts.find(({ id }) => id === kept.part)
  // A step that names both loses the one by itself, when it is gone.
  const named = build.steps.filter((step) => {
    const ids = isAct(step) ? (step as BuildAct).zones : undefined
    return ids?.includes(other) && !ids.includes(into)
  })
  const moved = <T extends { zone?: string | undefined }>(row: T): T =>
    row.zone === other ? { ...row, zone: into } : row
  return {
    do: 'all',
    edits: [
      {
        do: 'set',
        fields: {
          zones,
          ...(build.events ? { events: build.events.map(moved) } : {}),
          ...(build.decalPlaces ? { decalPlaces: build.decalPlaces.map(moved) } : {}),
        },
      },
      ...partEdits(part, moved),
      ...named.map((step): Edit => {
        const ids = (step as BuildAct).zones ?? []
        const next = ids.map((id) => (id === other ? into : id))
        return { do: 'change', targets: [{ step: step.id }], on: 'every', fields: { zones: next } }
      }),
    ],
  }
}

/** What of a part speaks of the other zone. */
function partEdits(
  part: Part | undefined,
  moved: <T extends { zone?: string | undefined }>(row: T) => T,
): Edit[] {
  if (!part?.spots && !part?.holder) return []
  const fields = {
    ...(part.spots ? { spots: part.spots.map(moved) } : {}),
    ...(part.holder ? { holder: moved(part.holder) } : {}),
  }
  return [{ do: 'part', part: part.id, fields }]
}

/** What two zones come to. */
function sumOf(a: Zone, b: Zone): Partial<Zone> {
  const sum = (one: number | undefined, other: number | undefined) =>
    one === undefined || other === undefined ? undefined : one + other
  const areaCm2 = sum(a.areaCm2, b.areaCm2)
  const share = sum(a.share, b.share)
  return {
    ...(areaCm2 === undefined ? {} : { areaCm2 }),
    ...(share === undefined ? {} : { share }),
    ...(a.faces || b.faces ? { faces: [...facesOf(a), ...facesOf(b)] } : {}),
  }
}

function facesOf({ id, faces }: Zone): string[] {
  return faces ?? [id]
}

/** Where two zones meet the others, each of them once, whoever of the two says it. */
function edgesOfBoth(zones: readonly Zone[], into: string, other: string): Edges {
  const mm = new Map<string, Edges[number]>()
  const pairs = new Set<string>()
  for (const { id, edges = [] } of zones)
    for (const { zone, mm: length, soft } of edges) {
      const own = [id, zone].find((end) => end === into || end === other)
      const beside = own === id ? zone : id
      const pair = [id, zone].sort().join(' ')
      if (!own || beside === into || beside === other || pairs.has(pair)) continue
      pairs.add(pair)
      const known = mm.get(beside)
      // A hard edge needs its mask, whatever the other one is.
      const isSoft = soft === true && (known === undefined || known.soft === true)
      const sum = (known?.mm ?? 0) + length
      mm.set(beside, { zone: beside, mm: sum, ...(isSoft ? { soft: true } : {}) })
    }
  return [...mm.values()]
}

type Edges = NonNullable<Zone['edges']>

/** A zone that says nothing of where it meets these: they say it. */
function withoutEdges(zone: Zone, of: readonly string[]): Zone {
  const edges = zone.edges?.filter((edge) => !of.includes(edge.zone))
  return edges && edges.length < (zone.edges?.length ?? 0) ? { ...zone, edges } : zone
}
