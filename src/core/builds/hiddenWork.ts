import { ACT_MINUTES } from '../knowledge/limits'
import type { Build, BuildAct, Part } from '../model/build'
import { coatsOf } from '../model/coats'
import { isAct } from '../model/isAct'
import type { Zone } from '../model/zone'
import { isFor, zoneArea, zonesOf } from './zoneRegions'

/** A hidden zone with the minutes of the hands that are planned for it, and its share of the part's by area. */
export type HiddenWork = { zone: Zone; minutes: number; share: number }

/** Work on what nobody sees is told from so many times its share on. Source: handbook 12.2. */
const TIMES = 2

/**
 * Hidden zones of a part that take more than twice their share of the work.
 *
 * @returns minutes of hands; a step's are shared out by area among the zones that it comes to
 * Source: handbook 12.2, effort by what is seen.
 */
export function hiddenWork(build: Build, part: Part): HiddenWork[] {
  const zones = zonesOf(build, part.id)
  if (!zones.some(({ seen }) => seen === 0)) return []
  const areas = new Map(zones.map((zone) => [zone, zoneArea(zone, part, zones)]))
  const areaOf = (some: readonly Zone[]) =>
    some.reduce((sum, zone) => sum + (areas.get(zone) ?? 0), 0)
  const minutes = new Map<Zone, number>()
  let all = 0
  for (const step of build.steps) {
    if (!isAct(step) || !step.parts.includes(part.id)) continue
    const act = step as BuildAct
    const own = zones.filter((zone) => isFor(act, zone, zones))
    const takes = (act.minutes ?? ACT_MINUTES) * coatsOf(act)
    all += takes
    const whole = areaOf(own)
    if (whole <= 0) continue
    for (const zone of own)
      minutes.set(zone, (minutes.get(zone) ?? 0) + (takes * (areas.get(zone) ?? 0)) / whole)
  }
  const partArea = areaOf(zones)
  return zones.flatMap((zone) => {
    const share = partArea > 0 ? (all * (areas.get(zone) ?? 0)) / partArea : 0
    const own = minutes.get(zone) ?? 0
    return zone.seen === 0 && share > 0 && own > TIMES * share
      ? [{ zone, minutes: own, share }]
      : []
  })
}
