import { familyRow } from '../../knowledge/families'
import { type Film, filmState } from './film'
import type { StepContext } from './stepContext'
import { old } from './words'

/** A film's state and age: "fresh, 25 min old", "cured, 3 days old"; what never dries has an age only. */
export function ripeness(film: Film, context: StepContext): string {
  const { powder, rubbed } = familyRow(film.family)
  if (powder || rubbed) return old(film, context)
  return `${filmState(film, context.at, context.series)}, ${old(film, context)}`
}
