import type { Build, BuildAct, BuildStep, Part } from './build'
import { isAct } from './isAct'

/**
 * A build in which nothing names a zone or a part that isn't there any more: steps, spots, holders, mirrors, edges, decals. What
 * lay on such a zone lies on its part.
 *
 * @returns the same build where nothing does
 */
export function withoutGone(build: Build): Build {
  const { zones = [] } = build
  const known = new Set(zones.map(({ id }) => id))
  const here = (id: string | undefined) => id === undefined || known.has(id)
  const parts = mapped(build.parts, (part) => partWithout(part, here))
  const steps = mapped(build.steps, (step) => (isAct(step) ? actWithout(step, here) : step))
  const kept = mapped(zones, (zone) => {
    const edges = zone.edges?.every((edge) => here(edge.zone))
      ? zone.edges
      : zone.edges?.filter((edge) => here(edge.zone))
    if (edges === zone.edges && here(zone.mirror)) return zone
    const { mirror, ...rest } = zone
    return { ...rest, ...(edges ? { edges } : {}), ...(mirror && here(mirror) ? { mirror } : {}) }
  })
  const partIds = new Set(build.parts.map(({ id }) => id))
  const places = build.decalPlaces ?? []
  const left = mapped(
    places.every(({ part }) => partIds.has(part))
      ? places
      : places.filter(({ part }) => partIds.has(part)),
    (place) => (here(place.zone) ? place : withoutZone(place)),
  )
  const events = build.events ?? []
  const happened = mapped(events, (event) => (here(event.zone) ? event : withoutZone(event)))
  const same =
    happened === events &&
    parts === build.parts &&
    steps === build.steps &&
    kept === zones &&
    left === places
  if (same) return build
  return {
    ...build,
    parts,
    steps,
    ...(build.zones ? { zones: kept } : {}),
    ...(build.decalPlaces ? { decalPlaces: left } : {}),
    ...(build.events ? { events: happened } : {}),
  }
}

type Here = (zone: string | undefined) => boolean

function partWithout(part: Part, here: Here): Part {
  const spots = mapped(part.spots ?? NONE, (spot) => (here(spot.zone) ? spot : withoutZone(spot)))
  const { holder } = part
  if (spots === (part.spots ?? NONE) && here(holder?.zone)) return part
  return {
    ...part,
    ...(part.spots ? { spots } : {}),
    ...(holder && !here(holder.zone) ? { holder: withoutZone(holder) } : {}),
  }
}

const NONE: NonNullable<Part['spots']> = []

function actWithout(step: BuildStep, here: Here): BuildStep {
  const act = step as BuildAct
  const [zones, shuts] = [act.zones, act.shuts].map((ids) =>
    ids?.every(here) ? ids : ids?.filter(here),
  )
  if (zones === act.zones && shuts === act.shuts && here(act.heldBy)) return step
  const { zones: _, shuts: __, heldBy, ...rest } = act
  // A list that is left empty is none.
  return {
    ...rest,
    ...(zones?.length ? { zones } : {}),
    ...(shuts?.length ? { shuts } : {}),
    ...(heldBy && here(heldBy) ? { heldBy } : {}),
  }
}

function withoutZone<T extends { zone?: string }>(row: T): T {
  const { zone: _, ...rest } = row
  return rest as T
}

/** The same list where each stays as it is. */
function mapped<T>(rows: T[], change: (row: T) => T): T[] {
  const next = rows.map(change)
  return next.every((row, i) => row === rows[i]) ? rows : next
}
