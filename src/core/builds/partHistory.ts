import { type History, historyOf } from '../faults'
import type { Build, Part } from '../model/build'
import { GAP_HOURS } from '../room/climateSeries'
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
  const begun = new Map(simulation.simulated.map(({ index, context }) => [index, context.at]))
  const history = historyOf(
    sequence,
    simulation,
    {
      upTo: entries.filter(({ fact }) => fact).length,
      knowsAir: (index) => wasRead(state, begun.get(index)),
    },
    now / MINUTE,
  )
  return { history, simulated }
}

/** Was the air read near a minute? */
function wasRead({ room }: BenchState, minute: number | undefined): boolean {
  if (minute === undefined) return false
  return room.reads.some(({ at }) => Math.abs(at - minute * MINUTE) <= GAP_HOURS * HOUR)
}
