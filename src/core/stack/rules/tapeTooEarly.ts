import { type Film, filmReaches, filmState, hasReached } from '../film'
import { type Draft, type Rule, worstDraft } from '../finding'
import type { Moment } from '../moment'
import { openFilms } from '../stack'
import { age, capital, takes, theFilm } from '../words'

/** Tape on a film that is not tape-safe. Source: handbook 2.6, 3.1. */
export const tapeTooEarly: Rule = {
  name: 'tape-too-early',
  timing: true,
  judge: (moment) => {
    if (moment.step.do !== 'tape') return null
    return worstDraft(openFilms(moment.stack).map((film) => draft(moment, film)))
  },
}

function draft(moment: Moment, film: Film): Draft | null {
  const { at, series } = moment
  if (film.loose || filmReaches(film, 'tape', series) === null) return null
  if (hasReached(film, 'tape', at, series)) return null
  return {
    severity: hasReached(film, 'touch', at, series) ? 'risk' : 'stop',
    because: `${capital(theFilm(film))} bears tape after ${takes(film, 'tape', moment)}; it has had ${age(film, moment)}.`,
    on: { film: film.family, state: filmState(film, at, series) },
  }
}
