import { familyRow } from '../knowledge/families'
import { FLUSH_MINUTES } from '../knowledge/mixing'
import type { Family, Solvent } from '../model/vocabulary'

/** How an airbrush is kept clear of a paint. */
export type Cleaning = {
  /** Between fills of the same mix: what it is thinned with. */
  flush: Solvent
  /** Before another paint, and at the end: the strongest of its thinners that is still safe at the bench. */
  clean: Solvent
  /** Minutes of a flush between two fills. */
  flushMinutes: number
  /** Two-part paint sets in the brush: before its pot life ends. */
  beforeItSets: boolean
}

/** null: it isn't sprayed, or nothing thins it. Source: handbook 4.5, N67. */
export function cleaningFor(family: Family): Cleaning | null {
  const { thinners, cleanedWith, twoPart = false } = familyRow(family)
  const flush = thinners[0]
  if (!flush) return null
  return {
    flush,
    clean: cleanedWith ?? thinners.at(-1) ?? flush,
    flushMinutes: FLUSH_MINUTES,
    beforeItSets: twoPart,
  }
}
