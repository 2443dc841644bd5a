import { clockMinutes } from '../drying/clock'
import type { Bottle } from '../model/bottle'
import type { Climate } from '../model/climate'
import type { Act, Role } from '../model/vocabulary'
import { resolveStep } from '../stack/state/resolvedStep'

/** How a bottle of each role is laid thinly over all. */
const LAID_BY: Partial<Record<Role, Act>> = {
  filter: 'filter',
  wash: 'filter',
  oil: 'filter',
  'clear-colour': 'clear-colour',
  primer: 'prime',
}

/**
 * Minutes after a thin pass of a bottle until the next one may lie on it.
 *
 * @returns null where it never gets there
 * Source: handbook 3.1, 3.2, N50.
 */
export function waitBetween(bottle: Bottle, climate: Climate): number | null {
  const { drying } = resolveStep(
    {
      do: LAID_BY[bottle.role] ?? 'glaze',
      family: bottle.family,
      product: bottle.product,
      coats: ['light'],
    },
    null,
  )
  return drying && clockMinutes(drying, 'recoat', climate)
}
