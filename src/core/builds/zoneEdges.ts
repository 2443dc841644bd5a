import type { Zone } from '../model/zone'

/** Where a zone meets another one. */
export type ZoneMeets = NonNullable<Zone['edges']>[number]

/** Where a zone meets others, each of them once, whoever of the two says it. Source: handbook 12.2. */
export function edgesOfZone({ id, edges = [] }: Zone, zones: readonly Zone[]): ZoneMeets[] {
  const said = new Set(edges.map(({ zone }) => zone))
  const others = zones.flatMap((other) =>
    said.has(other.id)
      ? []
      : (other.edges ?? []).flatMap((edge) =>
          edge.zone === id ? [{ ...edge, zone: other.id }] : [],
        ),
  )
  return [...edges, ...others]
}
