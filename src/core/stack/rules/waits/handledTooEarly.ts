import { capital } from '../../../model/capital'
import { type Film, filmReaches, filmState, hasReached } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { openFilms } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import { takes } from '../../state/takes'
import { afterAge, hasHad } from '../../state/words'
import { type Draft, type Rule, worstDraft } from '../finding'

/** A painted face held, joined or glued before it is touch-dry (stop), or while a finger still prints (risk). Source: handbook 2.6, 3.1. */
export const handledTooEarly: Rule = {
  name: 'handled-too-early',
  timing: true,
  judge: (context) => {
    if (context.resolved.row.kind !== 'handle') return null
    return worstDraft(openFilms(context.stack).map((film) => draft(context, film)))
  },
}

function draft(context: StepContext, film: Film): Draft | null {
  const { at, series } = context
  // A thin wash runs, and has a rule of its own; powder comes off at any age.
  if (film.loose || film.role === 'wash' || film.role === 'mask') return null
  const point = filmReaches(film, 'recoat', series) === null ? 'touch' : 'recoat'
  if (hasReached(film, point, at, series)) return null
  const wet = !hasReached(film, 'touch', at, series)
  return {
    severity: wet ? 'stop' : 'risk',
    because: wet
      ? `${capital(theFilm(film))} is touch-dry after ${takes(film, 'touch', context)}; held ${afterAge(film, context)} it smears.`
      : `${capital(theFilm(film))} takes a fingerprint until ${takes(film, point, context)} have gone; ${hasHad(film, context)}.`,
    on: { film: film.family, state: filmState(film, at, series) },
  }
}
