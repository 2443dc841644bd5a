import type { PartRef } from '../model/stepRef'
import { faceColour } from '../stack/state/faceColour'
import { stackOf } from '../stack/state/regions'
import type { BenchState } from './benchState'
import { simulatePart } from './partSimulation'
import { regionOf } from './simulatedPart'

/** A part's face as it is, or when everything planned is on it. */
export type AskedFace = 'now' | 'planned'

/**
 * The colour of a part's face: as it lies there now, or when everything planned is on it.
 *
 * @param now epoch milliseconds
 * @param zone of the part; left out: its largest region stands for it
 * @returns #RRGGBB; null where there is no such part, nothing lies on it, or its colour isn't known
 * Source: handbook 5.2.
 */
export function faceOfPart(
  state: BenchState,
  ref: PartRef,
  when: AskedFace,
  now: number,
  zone?: string,
): string | null {
  const build = state.project.builds?.find(({ id }) => id === ref.build)
  const part = build?.parts.find(({ id }) => id === ref.part)
  if (!build || !part) return null
  const simulated = simulatePart(state, build, part, now)
  const { simulation, entries } = simulated
  const region = regionOf(simulated, zone)
  const done = simulation.simulated.findLast(
    ({ index, region: at }) => at === region && entries[index]?.fact,
  )
  const films =
    when === 'planned' ? stackOf(simulation.stacks, region).films : (done?.after.films ?? [])
  return faceColour(films, simulation.simulated[0]?.context.setting.steps ?? [])
}
