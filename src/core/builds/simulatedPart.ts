import type { Build, BuildStep, Part } from '../model/build'
import type { Sequence } from '../model/sequence'
import type { SimulateOptions, Simulation } from '../stack/simulate/simulation'
import type { RegionId } from '../stack/state/regions'
import type { Stack } from '../stack/state/stack'
import type { ZoneRegion } from './zoneRegions'

const MINUTE = 60_000

/** A place in the simulated sequence: the step of the build it stands for, and the coats done before it. */
export type PartEntry = { step: BuildStep; coatsBefore: number; fact: boolean }

/** A part's sequence as it is simulated: what happened first, then what is meant, in order. */
export type PartSimulation = {
  build: Build
  part: Part
  sequence: Sequence
  options: SimulateOptions
  entries: PartEntry[]
  /** Its zones by their histories, the largest first; null: it is one. */
  regions: readonly ZoneRegion[] | null
  simulation: Simulation
}

/** A minute of a simulation as an instant, epoch milliseconds. */
export function instantOf(minute: number): number {
  return Math.round(minute * MINUTE)
}

/** What lies on the part now, by the facts: on its largest region first. */
export function stacksNow({ simulation, entries }: PartSimulation): Stack[] {
  const now = new Map<RegionId, Stack>()
  for (const { index, region, after } of simulation.simulated)
    if (entries[index]?.fact) now.set(region, after)
  return [...simulation.stacks.keys()].flatMap((region) => now.get(region) ?? [])
}

/** What lies on the part now, on the largest of its regions that anything was done to; null: nothing was. */
export function stackNow(simulated: PartSimulation): Stack | null {
  return stacksNow(simulated)[0] ?? null
}

/** The region of a part that a zone belongs to; the largest where it is one, or none is asked about. */
export function regionOf({ simulation, regions }: PartSimulation, zone?: string): RegionId {
  const own = regions?.find(({ zones }) => zones.some(({ id }) => id === zone))
  return own?.id ?? (simulation.stacks.keys().next().value as RegionId)
}
