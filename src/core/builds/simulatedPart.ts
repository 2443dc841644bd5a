import type { Build, BuildStep, Part } from '../model/build'
import type { Sequence } from '../model/sequence'
import type { SimulateOptions, Simulation } from '../stack/simulate/simulation'
import type { Stack } from '../stack/state/stack'

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
  simulation: Simulation
}

/** A minute of a simulation as an instant, epoch milliseconds. */
export function instantOf(minute: number): number {
  return Math.round(minute * MINUTE)
}

/** What lies on the part now, by the facts. */
export function stackNow(simulated: PartSimulation): Stack | null {
  const facts = simulated.simulation.simulated.filter(
    (entry) => simulated.entries[entry.index]?.fact,
  )
  return facts.at(-1)?.after ?? null
}
