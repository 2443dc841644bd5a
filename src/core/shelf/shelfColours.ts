import { isReadyMade, paintIn } from '../colour/bottled'
import { CLEAR_HIDING } from '../colour/hiding'
import type { MatchBottle } from '../colour/match/palette'
import type { Paint } from '../colour/optics'
import type { Bottle } from '../model/bottle'
import type { Family, Role } from '../model/vocabulary'

/** A bottle's optics: what its swatch card says, else what is usual for its colour. @param bottle with a colour */
export function bottlePaint({ colour, undertone, hiding, strength, role }: Bottle): Paint {
  return {
    masstone: colour ?? '#808080',
    undertone,
    hiding: hiding ?? (role === 'clear-colour' ? CLEAR_HIDING : undefined),
    strength,
  }
}

/** Roles that a colour is mixed from. */
const MIXES: readonly Role[] = ['colour', 'primer']

/** A bottle with what its colour is reckoned from. */
export type MixablePaint = MatchBottle & { bottle: Bottle }

/** Bottles of a family that a colour can be mixed from. */
export function mixablePaints(shelf: readonly Bottle[], family: Family): MixablePaint[] {
  return shelf
    .filter((bottle) => bottle.family === family && bottle.colour && MIXES.includes(bottle.role))
    .map((bottle) => ({
      ...bottlePaint(bottle),
      name: bottle.name,
      share: isReadyMade(bottle) ? paintIn(bottle) : bottle.share,
      dropsPerMl: bottle.dropsPerMl,
      bottle,
    }))
}

/** Families that have two paints or more on the shelf, the one with most first. */
export function mixableFamilies(shelf: readonly Bottle[]): Family[] {
  const families = [...new Set(shelf.map((bottle) => bottle.family))]
  return families
    .map((family) => ({ family, count: mixablePaints(shelf, family).length }))
    .filter(({ count }) => count > 1)
    .sort((a, b) => b.count - a.count)
    .map(({ family }) => family)
}
