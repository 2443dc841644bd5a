import type { Build, BuildAct, Part } from '../model/build'
import { isAct } from '../model/isAct'
import type { ActStep, Step } from '../model/sequence'
import type { Zone } from '../model/zone'
import type { RegionId, Regions } from '../stack/state/regions'

/**
 * Zones of a part that have had and will have the same steps, as one region; its id is its place among them, so that parts whose
 * regions come to the same steps read the same.
 */
export type ZoneRegion = {
  id: RegionId
  zones: readonly Zone[]
  areaCm2: number
  /** Of the steps that name zones of its part, which it has: 1 or 0 each. */
  history: string
}

/** The zones of a part, in the order of the build. */
export function zonesOf(build: Build, part: string): Zone[] {
  return (build.zones ?? []).filter((zone) => zone.part === part)
}

/** Area of a zone, cm²: as it says, or by its share; where neither is said the rest of its part is shared out evenly. */
export function zoneArea(zone: Zone, part: Part, zones: readonly Zone[]): number {
  const said = ({ areaCm2, share }: Zone) =>
    areaCm2 ?? (share === undefined ? null : share * (part.areaCm2 ?? 0))
  const own = said(zone)
  if (own !== null) return own
  const rest = zones.reduce((left, one) => left - (said(one) ?? 0), part.areaCm2 ?? 0)
  return Math.max(0, rest) / zones.filter((one) => said(one) === null).length
}

/**
 * The zones of a part by their histories, the largest first: it stands for the part where nothing else is asked.
 *
 * @returns null where every step is for all of it: it is walked as one
 * Source: handbook 12.2.
 */
export function zoneRegions(build: Build, part: Part, steps: readonly Step[]): ZoneRegion[] | null {
  const zones = zonesOf(build, part.id)
  if (zones.length < 2) return null
  const named = steps.flatMap((step) => {
    const some = isAct(step) ? namedAmong(step, zones) : null
    return some ? [some] : []
  })
  if (named.length === 0) return null
  const groups = new Map<string, Zone[]>()
  for (const zone of zones) {
    const history = named.map((some) => (some.includes(zone) ? '1' : '0')).join('')
    groups.set(history, [...(groups.get(history) ?? []), zone])
  }
  if (groups.size < 2) return null
  return [...groups]
    .map(([history, some]) => ({
      history,
      zones: some,
      areaCm2: some.reduce((sum, zone) => sum + zoneArea(zone, part, zones), 0),
    }))
    .sort((a, b) => b.areaCm2 - a.areaCm2)
    .map((region, i) => ({ id: `region ${i + 1}`, ...region }))
}

/** The zones that a step names among those of a part; null: none of them, and it is for all. Source: handbook 12.2. */
export function namedAmong({ zones }: ActStep, among: readonly Zone[]): readonly Zone[] | null {
  const named = among.filter(({ id }) => zones?.includes(id))
  return named.length > 0 ? named : null
}

/** Is a step for a zone: by name, or for all of its part? */
export function isFor(step: BuildAct, zone: Zone, zones: readonly Zone[]): boolean {
  if (!step.parts.includes(zone.part)) return false
  const named = namedAmong(
    step,
    zones.filter(({ part }) => part === zone.part),
  )
  return !named || named.includes(zone)
}

/** The regions of a part for its walk. */
export function regionsOf(groups: readonly ZoneRegion[]): Regions {
  const ids = groups.map(({ id }) => id) as [RegionId, ...RegionId[]]
  const regionOf = new Map(groups.flatMap(({ id, zones }) => zones.map((zone) => [zone.id, id])))
  const known = new WeakMap<ActStep, readonly RegionId[]>()
  const reckoned = (step: ActStep): readonly RegionId[] => {
    const some = new Set(step.zones?.flatMap((zone) => regionOf.get(zone) ?? []))
    return some.size === 0 ? ids : ids.filter((id) => some.has(id))
  }
  return {
    ids,
    key: groups.map(({ zones }) => zones.map(({ id }) => id).join(' ')).join(' / '),
    pattern: groups.map(({ history }) => history).join(' '),
    of: (step) => {
      const before = known.get(step)
      if (before) return before
      const regions = reckoned(step)
      known.set(step, regions)
      return regions
    },
  }
}
