import { correction, shareTogether } from '../mixing/correct'
import type { Bottle } from '../model/bottle'

/** A hundredth of a millilitre: nothing on a bench is poured more exactly. */
const EXACT = 100

function hundredths(ml: number): number {
  return Math.round(ml * EXACT) / EXACT
}

/** Something that is poured into a bottle. */
export type PouredIn = {
  ml: number
  /** Paint share of it: 0 thinner. */
  share: number
  /** What it is, by name. */
  name?: string | undefined
}

/**
 * A bottle after something was poured into it: how much there is, its paint share, and the dilution among those it remembers.
 *
 * @param now epoch milliseconds
 * @throws RangeError if nothing is poured, or there is nothing in it
 * Source: handbook 4.3.
 */
export function pourInto(bottle: Bottle, poured: PouredIn, now: number): Bottle {
  if (!(poured.ml > 0)) throw new RangeError('pourInto: nothing is poured')
  const before = { ml: bottle.leftMl, share: bottle.share ?? 1 }
  const shareAfter = Number(
    shareTogether([before, { ml: poured.ml, share: poured.share }]).toFixed(6),
  )
  return {
    ...bottle,
    leftMl: hundredths(bottle.leftMl + poured.ml),
    share: shareAfter,
    thinnings: [
      ...(bottle.thinnings ?? []),
      {
        at: new Date(now).toISOString(),
        addedMl: poured.ml,
        addedShare: poured.share,
        ...(poured.name ? { with: poured.name } : {}),
        shareAfter,
      },
    ],
  }
}

/** How much thinner brings a bottle to a paint share, ml; null: it is that thin already. Source: handbook 4.3. */
export function thinnerFor(bottle: Bottle, target: number): number | null {
  const found = correction({ ml: bottle.leftMl, share: bottle.share ?? 1 }, 0, target)
  return found.kind === 'add' ? found.ml : null
}

/** What a mix takes out of bottles. */
export type Drawn = { bottle: string; ml: number }

/** Bottles after something was taken out, to a hundredth of a millilitre; none goes below empty. Those untouched aren't among them. */
export function drawDown(shelf: readonly Bottle[], drawn: readonly Drawn[]): Bottle[] {
  return shelf.flatMap((bottle) => {
    const ml = drawn.filter((one) => one.bottle === bottle.id).reduce((sum, one) => sum + one.ml, 0)
    return ml > 0 ? [{ ...bottle, leftMl: Math.max(0, hundredths(bottle.leftMl - ml)) }] : []
  })
}
