import { ACT_TABLE, actRow, FAMILY_TABLE, laysClear } from '@/core/knowledge'
import type { ActStep } from '@/core/model/sequence'
import type { Act, Family, Solvent, Substrate, Tool } from '@/core/model/vocabulary'
import type { UndoTouch } from '@/core/stack'

/** A step's name on screen: "Gloss clear", "Base colour". */
export function stepName(step: ActStep): string {
  const { name } = actRow(step.do, step.family)
  return laysClear(step) && step.sheen ? `${capital(step.sheen)} clear` : name
}

export function actName(act: Act): string {
  return ACT_TABLE[act].name
}

export function familyName(family: Family): string {
  return capital(FAMILY_TABLE[family].name)
}

export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}

/** An id of the vocabulary as words: "spray-can" is "Spray can". */
export function plain(id: Tool | Solvent | Substrate | string): string {
  return capital(id.replaceAll('-', ' '))
}

/** What a milestone means on a clock. */
export const MILESTONE_WORDS = {
  flash: 'next coat',
  touch: 'touch-dry',
  recoat: 'next product',
  sand: 'sands',
  tape: 'bears tape',
  cured: 'cured',
} as const

/** What can be seen of a film that dries. */
export const SEEN_WORDS = {
  'not-yet': 'still tacky',
  just: 'dry just now',
  reached: 'dry already',
} as const

/** How a solvent is touched to a film that is to come off. */
export const TOUCH_WORDS = {
  'damp-brush': 'on a damp brush',
  swab: 'on a damp swab',
  'wet-swab': 'rubbed with a wet swab',
  'stiff-brush': 'scrubbed with a stiff brush',
} as const satisfies Record<UndoTouch, string>

const AND = new Intl.ListFormat('en', { type: 'conjunction' })

/** Names in a row: "Hull, Turret, and Door". */
export function listed(names: readonly string[]): string {
  return AND.format(names)
}
