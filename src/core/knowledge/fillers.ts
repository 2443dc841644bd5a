import type { Filler } from '../model/vocabulary'
import type { DryingProcess } from './families'

/** How a filler sets. Source: handbook 12.4. */
export type FillerRow = {
  name: string
  /** Until it is sanded, at reference conditions, minutes. */
  sets: number
  /** The same laid in this depth, in proportion beyond. */
  deep?: { mm: number; sets: number }
  /** The same where a kicker is sprayed on. */
  kicked?: number
  process: DryingProcess
}

const HOUR = 60

/** What fills gaps and sinks. Source: handbook 12.4. */
export const FILLER_TABLE: Record<Filler, FillerRow> = {
  putty: {
    name: 'Putty',
    sets: 12 * HOUR,
    deep: { mm: 3.5, sets: 24 * HOUR },
    process: 'evaporation',
  },
  'two-part': { name: 'Two-part filler', sets: HOUR, process: 'chemical' },
  cyanoacrylate: { name: 'Cyanoacrylate', sets: 30, kicked: 10, process: 'chemical' },
  'light-cured': { name: 'Light-cured filler', sets: 2, process: 'chemical' },
  'sprue-cement': { name: 'Sprue in cement', sets: 24 * HOUR, process: 'evaporation' },
}

/** Minutes at reference conditions until a filler is sanded. Source: handbook 12.4. */
export function fillerSets(filler: Filler, depthMm = 0, kicker = false): number {
  const { sets, deep, kicked } = FILLER_TABLE[filler]
  if (kicker && kicked !== undefined) return kicked
  return deep ? Math.max(sets, (deep.sets * depthMm) / deep.mm) : sets
}
