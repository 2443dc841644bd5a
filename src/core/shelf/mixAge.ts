import { familyRow } from '../knowledge/families'
import { POT_LIFE } from '../knowledge/limits'
import { minutesOf } from '../model/duration'
import type { StoredMix } from '../model/mix'
import type { Project } from '../model/project'

const MINUTE = 60_000

/**
 * When a kept mix hardens in its jar, epoch milliseconds: two-part paint after the shortest pot life of what is in it; null: it keeps.
 *
 * @param mixedAt when it was mixed the last time
 * Source: handbook 3.4.
 */
export function hardensAt(
  project: Project,
  mix: StoredMix,
  mixedAt = Date.parse(mix.at),
): number | null {
  if (!mix.family || !familyRow(mix.family).twoPart) return null
  const told = mix.ingredients.flatMap(({ bottle }) => {
    const sheet = project.shelf?.find(({ id }) => id === bottle)?.product?.potLife
    return sheet ? [minutesOf(sheet)] : []
  })
  return mixedAt + Math.min(...(told.length > 0 ? told : [POT_LIFE])) * MINUTE
}
