import { type BottleLevel, poured } from '../log/levels'
import { correction } from '../mixing/correct'
import type { Bottle } from '../model/bottle'

/** Something that is poured into a bottle. */
export type PouredIn = {
  ml: number
  /** The bottle that it came out of, where it is on the shelf. */
  from?: string | undefined
  /** Paint share of it: 0 thinner. */
  share: number
  /** What it is, by name. */
  name?: string | undefined
}

/** The level of a bottle after something was poured into it. Source: handbook 4.3. */
export function pouredInto(
  { leftMl, share = 1 }: Bottle,
  { ml, share: of }: PouredIn,
): BottleLevel {
  return poured({ ml: leftMl, share }, ml, of)
}

/** How much thinner brings a bottle to a paint share, ml; null: it is that thin already. Source: handbook 4.3. */
export function thinnerFor(bottle: Bottle, target: number): number | null {
  const found = correction({ ml: bottle.leftMl, share: bottle.share ?? 1 }, 0, target)
  return found.kind === 'add' ? found.ml : null
}

/** What a mix takes out of bottles. */
export type Drawn = { bottle: string; ml: number }
