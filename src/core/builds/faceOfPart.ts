import type { PartRef } from '../model/stepRef'
import { faceColour } from '../stack/state/faceColour'
import { stackOf } from '../stack/state/regions'
import type { BenchState } from './benchState'
import { simulatePart } from './partSimulation'

/** A part's face as it is, or when everything planned is on it. */
export type AskedFace = 'now' | 'planned'

/**
 * The colour of a part's face: as it lies there now, or when everything planned is on it.
 *
 * @param now epoch milliseconds
 * @returns #RRGGBB; null where there is no such part, nothing lies on it, or its colour isn't known
 * Source: handbook 5.2.
 */
export function faceOfPart(
  state: BenchState,
  ref: PartRef,
  when: AskedFace,
  now: number,
): string | null {
  const build = state.project.builds?.find(({ id }) => id === ref.build)
  const part = build?.parts.find(({ id }) => id === ref.part)
  if (!build || !part) return null
  const { simulation, entries } = simulatePart(state, build, part, now)
  const done = simulation.simulated.findLast(({ index }) => entries[index]?.fact)
  const films = when === 'planned' ? stackOf(simulation.stacks).films : (done?.after.films ?? [])
  return faceColour(films, simulation.simulated[0]?.context.setting.steps ?? [])
}
