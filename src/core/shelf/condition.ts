import type { Bottle } from '../model/bottle'
import { gassingOff } from './gassingOff'
import { wholeMonths } from './wholeMonths'

/** Under this share of its size a bottle is nearly empty. */
export const LOW = 0.12

/** What is worth watching in a bottle at an instant: reckoned here, and shown alike everywhere. Source: N75. */
export type Condition = {
  /** Paint share of it; 1: neat. */
  share: number
  low: boolean
  /** Gassing off: until when, and whether it can be sprayed meanwhile; null: it isn't, or is done. */
  gassing: { usable: boolean; until: number } | null
  /** Decanted, and done with gassing off. */
  gassedOff: boolean
  /** Open for longer than it keeps: for so many months; null: it isn't. */
  openMonths: number | null
}

/** How a bottle is. @param now epoch milliseconds */
export function conditionOf(bottle: Bottle, now: number): Condition {
  const gas = gassingOff(bottle)
  const gassing = gas !== null && now < gas.still
  return {
    share: bottle.share ?? 1,
    low: bottle.leftMl / bottle.sizeMl < LOW,
    gassing: gassing
      ? { usable: now >= gas.usable, until: now < gas.usable ? gas.usable : gas.still }
      : null,
    gassedOff: bottle.state === 'decanted' && !gassing,
    openMonths: openTooLong(bottle, now),
  }
}

function openTooLong({ openedOn, keepsMonths }: Bottle, now: number): number | null {
  if (!openedOn || keepsMonths === undefined) return null
  const months = wholeMonths(openedOn, now)
  return months < keepsMonths ? null : months
}
