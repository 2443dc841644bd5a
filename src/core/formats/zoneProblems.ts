import type { Build } from '../model/build'
import type { Problem } from '../model/input'
import { isAct } from '../model/isAct'
import { doubled, unknownId } from './brokenBuild'

/**
 * What is wrong with the zones of a build that comes from outside: ids there twice, parts, mirrors and neighbours that aren't there,
 * steps, spots and holders that name zones which aren't. In the browser such a name is passed over: the zone was taken off meanwhile.
 *
 * @param path where the build stands in what was read, with a dot behind it
 */
export function zoneProblems(
  { zones = [], parts, steps, decalPlaces = [], events = [] }: Build,
  path: string,
): Problem[] {
  const known = new Set(zones.map(({ id }) => id))
  const partIds = new Set(parts.map(({ id }) => id))
  const zone = (id: string | undefined, at: string) => unknownId(known, id, `${path}${at}`, 'zone')
  return [
    ...doubled(zones, `${path}zones`),
    ...zones.flatMap(({ part, mirror, edges = [] }, i) => [
      ...unknownId(partIds, part, `${path}zones[${i}].part`, 'part'),
      ...zone(mirror, `zones[${i}].mirror`),
      ...edges.flatMap(({ zone: id }, j) => zone(id, `zones[${i}].edges[${j}].zone`)),
    ]),
    ...steps.flatMap((step, i) =>
      isAct(step)
        ? [
            ...(step.zones ?? []).flatMap((id, j) => zone(id, `steps[${i}].zones[${j}]`)),
            ...(step.shuts ?? []).flatMap((id, j) => zone(id, `steps[${i}].shuts[${j}]`)),
            ...zone(step.heldBy, `steps[${i}].heldBy`),
          ]
        : [],
    ),
    ...events.flatMap(({ zone: id }, i) => zone(id, `events[${i}].zone`)),
    ...decalPlaces.flatMap(({ part, zone: id }, i) => [
      ...unknownId(partIds, part, `${path}decalPlaces[${i}].part`, 'part'),
      ...zone(id, `decalPlaces[${i}].zone`),
    ]),
    ...parts.flatMap(({ spots = [], holder }, i) => [
      ...doubled(spots, `${path}parts[${i}].spots`),
      ...spots.flatMap((spot, j) => zone(spot.zone, `parts[${i}].spots[${j}].zone`)),
      ...zone(holder?.zone, `parts[${i}].holder.zone`),
    ]),
  ]
}
