import { WORKING_SHARE } from '../knowledge/thinning'
import type { Role } from '../model/vocabulary'

/** What matters of a bottle for how much paint a coat from it lays. */
export type Bottled = {
  role: Role
  /** What is left of its own paint after it was thinned: 1 as it was bought. */
  share?: number | undefined
  workingStrength?: boolean | undefined
}

/** Is it used as it comes: a ready-made wash, an ink, a filter, a streaking colour? Source: handbook 4.5, working strength. */
export function isReadyMade({ role, workingStrength }: Bottled): boolean {
  return workingStrength ?? WORKING_SHARE.usual.includes(role)
}

/** Share of paint in what a bottle holds: 1 is neat paint. Source: handbook 4.3, 4.5. */
export function paintIn(bottle: Bottled): number {
  const bought = isReadyMade(bottle) ? (WORKING_SHARE.of[bottle.role] ?? WORKING_SHARE.others) : 1
  return bought * (bottle.share ?? 1)
}

/**
 * Share of paint in a film from a bottle, where a mix of so much paint is meant: what is bottled at working strength is thinned no
 * further than that, and a bottle that was thinned already lays so much less.
 *
 * @param meant paint share of the mix from neat paint
 * Source: handbook 4.5, 5.2.
 */
export function paintLaid(bottle: Bottled, meant: number): number {
  return isReadyMade(bottle) ? Math.min(meant, paintIn(bottle)) : meant * (bottle.share ?? 1)
}
