import { ACT_TABLE, FAMILY_TABLE, MILESTONE_WORDS, SEEN_WORDS, stepName } from '@/core/knowledge'
import { capital } from '@/core/model/capital'
import type { Act, Family, Solvent, Substrate, Tool } from '@/core/model/vocabulary'
import type { UndoTouch } from '@/core/stack'

export { capital, MILESTONE_WORDS, SEEN_WORDS, stepName }

export function actName(act: Act): string {
  return ACT_TABLE[act].name
}

export function familyName(family: Family): string {
  return capital(FAMILY_TABLE[family].name)
}

/** An id of the vocabulary as words: "spray-can" is "Spray can". */
export function plain(id: Tool | Solvent | Substrate | string): string {
  return capital(id.replaceAll('-', ' '))
}

/** How a solvent is touched to a film that is to come off. */
export const TOUCH_WORDS = {
  'damp-brush': 'on a damp brush',
  swab: 'on a damp swab',
  'wet-swab': 'rubbed with a wet swab',
  'stiff-brush': 'scrubbed with a stiff brush',
} as const satisfies Record<UndoTouch, string>

/** Made when it is first wanted: the first of what writes by language takes a twentieth of a second. */
let and: Intl.ListFormat | null = null

/** Names in a row: "Hull, Turret, and Door". */
export function listed(names: readonly string[]): string {
  and ??= new Intl.ListFormat('en', { type: 'conjunction' })
  return and.format(names)
}

/** The name of a field as words: "areaCm2" as "area cm2". */
export function spaced(field: string): string {
  return field.replaceAll(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`)
}
