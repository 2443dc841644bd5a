import type { ClimateSeries } from '../drying/series'
import type { Solvent } from '../model/vocabulary'
import { type UndoMap, type UndoTouch, undoMap } from '../stack/questions/undoMap'
import { hasReached } from '../stack/state/film'
import { filmName } from '../stack/state/filmName'
import { instantOf, type PartSimulation, stackNow } from './simulatedPart'

/** How the newest film of a part comes off now. Instants in epoch milliseconds. */
export type UndoNow = {
  /** Step of the build that laid it. */
  step: string
  name: string
  /** What lies under it and must stay, top first. */
  leaves: string[]
  ways: { solvent: Solvent; touch: UndoTouch; under: '-' | 's'; until: number | null }[]
  rubs: number
  /** What to do where it landed beside its place. Source: N93. */
  overspray: string
}

const MINUTE = 60_000

/** The undo map of a part as it is now; null when nothing was laid yet. Source: handbook 2.3; N91, N92. */
export function undoNow(simulated: PartSimulation, now: number): UndoNow | null {
  const stack = stackNow(simulated)
  const minute = now / MINUTE
  const map = stack && undoMap(stack, minute, simulated.simulation.series)
  if (!map) return null
  return {
    step: simulated.entries[map.film.step]?.step.id ?? '',
    name: filmName(map.film),
    leaves: map.leaves.map(filmName),
    rubs: map.rubs,
    overspray: oversprayOf(map, minute, simulated.simulation.series),
    ways: map.ways.map(({ solvent, touch, under, until }) => ({
      solvent,
      touch,
      under,
      until: until === null ? null : instantOf(until),
    })),
  }
}

/** Overspray by the cure of what it landed on: wiped, polished off hard clear, or painted over. Source: handbook 6, masking. */
function oversprayOf({ ways, leaves }: UndoMap, at: number, series: ClimateSeries): string {
  if (ways.some((way) => way.under === '-')) return 'wipe it off the same way, before it sets'
  const face = leaves.find((film) => film.coverage === 'whole')
  if (face?.role === 'clear' && hasReached(face, 'sand', at, series))
    return 'polish it off the hard clear with compound'
  return 'mask next time; paint the place over from the stored mix'
}
