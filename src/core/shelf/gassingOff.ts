import { GASSES_OFF } from '../knowledge/limits'
import type { Bottle } from '../model/bottle'

const MINUTE = 60_000

/** How decanted paint gasses off, in epoch milliseconds: from `usable` on it can be sprayed, from `still` on its lid may be closed. */
export type GassingOff = { from: number; usable: number; still: number }

/** How a bottle gasses off; null: it isn't decanted, or nobody said when. Source: handbook 3.4, 9. */
export function gassingOff({ state, decantedAt }: Bottle): GassingOff | null {
  if (state !== 'decanted' || !decantedAt) return null
  const from = Date.parse(decantedAt)
  return { from, usable: from + GASSES_OFF.from * MINUTE, still: from + GASSES_OFF.to * MINUTE }
}
