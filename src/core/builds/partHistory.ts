import { type History, historyOf, type MixedAs } from '../faults/history'
import type { Build, BuildStep, Part } from '../model/build'
import type { Climate } from '../model/climate'
import type { Project } from '../model/project'
import type { Role } from '../model/vocabulary'
import { GAP_HOURS } from '../room/room'
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
      mixOf: ({ index }) => mixedAs(state.project, entries[index]?.step),
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

/** The kept mix that a step was painted from; null: it names none that is there. */
function mixedAs({ mixes, shelf }: Project, step: BuildStep | undefined): MixedAs | null {
  const mix = step && 'mix' in step && mixes?.find(({ id }) => id === step.mix)
  if (!mix) return null
  const roles = mix.ingredients.map(({ bottle }) => shelf?.find(({ id }) => id === bottle)?.role)
  const all = mix.ingredients.reduce((sum, { parts }) => sum + parts, 0)
  const share = (of: (at: number) => number) =>
    mix.ingredients.reduce((sum, { parts }, at) => sum + parts * of(at), 0) / all
  const is = (role: Role) => share((at) => (roles[at] === role ? 1 : 0))
  return {
    name: mix.name,
    thinning: share((at) => (roles[at] === 'thinner' ? 1 : 1 - (mix.ingredients[at]?.share ?? 1))),
    retarder: 100 * is('retarder'),
    flowAid: 100 * is('flow-aid'),
  }
}
