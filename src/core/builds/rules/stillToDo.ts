import type { BuildAct } from '../../model/build'
import { isAct } from '../../model/isAct'
import type { ActStep } from '../../model/sequence'
import type { Zone } from '../../model/zone'
import type { PartSimulation } from '../simulatedPart'
import { zonesOf } from '../zoneRegions'

/** An act of a part that is still to do, and its place in the walk. */
export type OpenAct = { index: number; act: BuildAct }

/** The acts of a part that are still to do, in order of work. */
export function stillToDo({ entries, options }: PartSimulation): OpenAct[] {
  return entries.flatMap(({ step, fact }, index) =>
    !fact && isAct(step) && options.facts?.get(index) !== 'skipped'
      ? [{ index, act: step as BuildAct }]
      : [],
  )
}

/** Does an act come to a place of its part: one of its zones, or anywhere where no zone is said? */
export function comesTo({ build, part }: PartSimulation, act: ActStep, zone?: string): boolean {
  if (zone === undefined) return true
  const own = new Set(zonesOf(build, part.id).map(({ id }: Zone) => id))
  const named = act.zones?.filter((id) => own.has(id)) ?? []
  return named.length === 0 || named.includes(zone)
}

/** A zone by its name in the middle of a sentence. */
export function zoneSaid({ build }: PartSimulation, zone: string): string {
  return (build.zones?.find(({ id }) => id === zone)?.name ?? 'a zone').toLowerCase()
}
