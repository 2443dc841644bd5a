import type { Wetness } from '../knowledge/drying'
import type { DryingProcess } from '../knowledge/families'
import type { Coat } from '../model/vocabulary'

/** Most coats that are counted. Source: handbook 3.2, f_W. */
const MOST_COATS = 6

/**
 * How coats change a film's drying time: `surface` (flash, touch) by the last coat, `depth` (recoat and later) by the
 * heaviest, and by how many there are.
 *
 * @param coats at least one
 * @param wetness how coats count for a film that lies as this one does
 * @throws RangeError if there is no coat
 * Source: handbook 3.2, f_W.
 */
export function wetnessFactor(
  coats: readonly Coat[],
  stage: 'surface' | 'depth',
  { surface, depth, layers }: Wetness,
): number {
  const last = coats[coats.length - 1]
  if (!last) throw new RangeError('wetnessFactor: a film has at least one coat')
  if (stage === 'surface') return surface[last]
  let heaviest = 0
  for (const coat of coats) if (depth[coat] > heaviest) heaviest = depth[coat]
  return layers ? heaviest * (1 + 0.15 * (Math.min(coats.length, MOST_COATS) - 1)) : heaviest
}

/**
 * @param percent retarder in the mix, percent
 * @returns factor on the time of evaporation. Source: handbook 3.2, f_R.
 */
export function retarderFactor(process: DryingProcess, percent: number): number {
  return process === 'evaporation' ? 1 + 0.06 * percent : 1
}
