import { BOTTLE_STATES, type Bottle } from '@/core/model/bottle'
import { changedFields } from '@/core/model/rowFields'
import { FAMILIES, ROLES, SHEENS } from '@/core/model/vocabulary'
import type { Fields } from '@/store/actions/rows'
import { familyName, plain } from '../shared/words'
import { type BottleDraft, draftOf, readBottle } from './bottleDraft'

/** What several bottles are given at once: a choice, or a number or a word that is typed. */
export type ManyField = {
  value: keyof BottleDraft
  say: string
  unit?: string
  choices?: readonly { value: string; say: string }[]
}

export const MANY_FIELDS: readonly ManyField[] = [
  { value: 'leftMl', say: 'Left in it', unit: 'ml' },
  { value: 'share', say: 'Paint in it', unit: '%' },
  { value: 'dropsPerMl', say: 'Drops to the ml' },
  { value: 'maker', say: 'Maker' },
  { value: 'boughtAt', say: 'Bought at' },
  { value: 'price', say: 'Price' },
  {
    value: 'family',
    say: 'Family',
    choices: FAMILIES.map((value) => ({ value, say: familyName(value) })),
  },
  { value: 'role', say: 'Role', choices: ROLES.map((value) => ({ value, say: plain(value) })) },
  { value: 'sheen', say: 'Sheen', choices: SHEENS.map((value) => ({ value, say: plain(value) })) },
  {
    value: 'state',
    say: 'State',
    choices: BOTTLE_STATES.map((value) => ({ value, say: plain(value) })),
  },
]

/** What is changed of one bottle. */
type BottleChange = { id: string; fields: Fields<Bottle> }

/** What is changed of bottles by setting a field to what was typed; an empty text takes the field away where it may be left out. */
export function given(
  bottles: readonly Bottle[],
  field: ManyField['value'],
  text: string,
  now: number,
): { ok: true; changes: BottleChange[] } | { ok: false; error: string } {
  const changes: BottleChange[] = []
  for (const bottle of bottles) {
    const read = readBottle(bottle, { ...draftOf(bottle), [field]: text }, now)
    if (!read.ok) {
      const said = read.errors[field] ?? Object.values(read.errors)[0] ?? ''
      return { ok: false, error: bottles.length > 1 ? `${bottle.name}: ${said}` : said }
    }
    changes.push({ id: bottle.id, fields: changedFields(bottle, read.value) })
  }
  return { ok: true, changes }
}
