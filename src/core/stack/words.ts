import { familyRow, TOOL_ENERGY } from '../materials'
import { sayDuration } from '../model/duration'
import type { Family, Role, Solvent } from '../model/vocabulary'
import { type Film, filmReaches } from './film'
import type { Moment } from './moment'

const ROLE_WORD: Partial<Record<Role, string>> = {
  primer: ' primer',
  colour: ' colour',
  metal: ' metal',
  clear: ' clear',
  'clear-colour': ' clear colour',
}

/** A film in a sentence: "the lacquer primer", "the enamel wash". */
export function theFilm(film: Film): string {
  return `the ${filmName(film)}`
}

/** A film by itself: "lacquer primer", "enamel wash". */
export function filmName(film: Film): string {
  return named(film.family, film.role)
}

/** Family and role; a family whose name says the role already says it once. */
function named(family: Family, role: Role | null): string {
  const { name } = familyRow(family)
  const word = (role && ROLE_WORD[role]) ?? ''
  return word !== '' && name.endsWith(word) ? name : `${name}${word}`
}

/** What is being put on, in a sentence. */
export function theWork(moment: Moment): string {
  const { work } = moment
  if (!work.family) return 'this'
  return named(work.family, work.role)
}

export const SOLVENT_WORDS = {
  water: 'water',
  alcohol: 'alcohol',
  'spirit-mild': 'mild spirit',
  'spirit-hot': 'hot spirit',
  'lacquer-mild': 'levelling lacquer thinner',
  'lacquer-hot': 'hot lacquer thinner',
  'reducer-2k': 'urethane reducer',
  'plastic-solvent': 'plastic solvent',
} as const satisfies Record<Solvent, string>

/** How long ago a film's last coat was, in words. */
export function age(film: Film, moment: Moment): string {
  return sayDuration(Math.max(0, moment.at - film.end))
}

/** How long a film takes to a point, in words: "1 h". */
export function takes(
  film: Film,
  point: Parameters<typeof filmReaches>[1],
  moment: Moment,
): string {
  const at = filmReaches(film, point, moment.series)
  if (at === null || at === Number.POSITIVE_INFINITY) return 'for ever'
  return sayDuration(at - film.end)
}

/** The solvent and how it is applied: "mild spirit, wiped with a damp swab". */
export function theSolvent(moment: Moment): string {
  const { work } = moment
  return work.solvent
    ? `${SOLVENT_WORDS[work.solvent]}, ${TOOL_ENERGY[work.tool].word}`
    : 'no solvent'
}

export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}
