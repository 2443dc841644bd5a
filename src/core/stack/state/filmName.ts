import { familyRow } from '../../knowledge/families'
import type { Family, Role } from '../../model/vocabulary'
import type { Film } from './film'

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

/** Family and role; a family whose name says what it is for says it once. */
export function named(family: Family, role: Role | null): string {
  const { name, nature } = familyRow(family)
  const word = (role && ROLE_WORD[role]) ?? ''
  const says = nature !== 'paint' && (role === 'colour' || role === 'metal')
  return says || (word !== '' && name.endsWith(word)) ? name : `${name}${word}`
}
