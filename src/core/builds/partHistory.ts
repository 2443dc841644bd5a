import { type History, historyOf } from '../faults/history'
import type { Build, Part } from '../model/build'
import type { Climate } from '../model/climate'
import { GAP_HOURS } from '../room/climateSeries'
import { findingsOfSimulation } from '../stack/findings'
import type { BenchState } from './benchState'
import { simulatePart } from './partSimulation'
import type { PartSimulation } from './simulatedPart'

const MINUTE = 60_000
const HOUR = 60 * MINUTE

/** What was done to a part, as the fault finder asks it: by its log, in the air that was read. Source: handbook 13.4. */
export function partHistory(
  state: BenchState,
  build: Build,
  part: Part,
  now: number,
): { history: History; simulated: PartSimulation } {
  const simulated = simulatePart(state, build, part, now)
  const { simulation, sequence, entries } = simulated
  const history = historyOf(
    sequence,
    simulation,
    {
      findings: findingsOfSimulation(simulation),
      upTo: entries.filter(({ fact }) => fact).length,
      airOf: ({ context, ends }) =>
        airRead(state, ((context.at + (ends.at(-1) ?? context.at)) / 2) * MINUTE),
    },
    now / MINUTE,
  )
  return { history, simulated }
}

/** The air as it was read nearest to an instant; null: nobody read it near that. */
function airRead({ room: { reads } }: BenchState, instant: number): Climate | null {
  let nearest: (typeof reads)[number] | null = null
  for (const read of reads)
    if (!nearest || Math.abs(read.at - instant) < Math.abs(nearest.at - instant)) nearest = read
  return nearest && Math.abs(nearest.at - instant) <= GAP_HOURS * HOUR ? nearest.climate : null
}
