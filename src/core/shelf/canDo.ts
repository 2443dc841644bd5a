import { actRow } from '../knowledge/acts'
import { familyRow } from '../knowledge/families'
import { SERVED_BY } from '../knowledge/serves'
import { ACT_OF_ROLE } from '../knowledge/words/roles'
import type { Bottle } from '../model/bottle'
import type { Act } from '../model/vocabulary'

/** Can an act be done from a bottle: by what it is by nature, and by what it is for? Source: handbook 2.1, 6. */
export function canDo(act: Act, { family, role }: Pick<Bottle, 'family' | 'role'>): boolean {
  const row = actRow(act, family)
  if (!row.role || ACT_OF_ROLE[role] === null) return false
  const nature = familyRow(family).nature
  const suits = row.takes === undefined || row.takes.some((one) => one === nature)
  return suits && SERVED_BY[row.role].some((one) => one === role)
}

/** Bottles that an act can be done from, those that are made for it first. */
export function bottlesThatCan(act: Act, shelf: readonly Bottle[]): Bottle[] {
  const able = shelf.filter((bottle) => canDo(act, bottle))
  const isMeant = (bottle: Bottle) => actRow(act, bottle.family).role === bottle.role
  return [...able.filter(isMeant), ...able.filter((bottle) => !isMeant(bottle))]
}
