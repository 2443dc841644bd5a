import { capital } from '../../../model/capital'
import { type Film, filmState, hasReached } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { openFilms } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import { takes } from '../../state/takes'
import { afterAge } from '../../state/words'
import { type Draft, type Rule, worstDraft } from '../finding'

/** Latex or salt on a film that is still wet; salt on tacky release is meant. Stop. Source: handbook 2.6, 3.4. */
export const maskTooEarly: Rule = {
  name: 'mask-too-early',
  timing: true,
  judge: (context) => {
    const { kind, mask } = context.resolved.row
    if (kind !== 'mask' || mask === 'sheet') return null
    const films = openFilms(context.stack).filter(
      ({ role, loose }) => !loose && !(mask === 'grain' && role === 'release'),
    )
    return worstDraft(films.map((film) => draft(context, film)))
  },
}

function draft(context: StepContext, film: Film): Draft | null {
  const { at, series, resolved } = context
  if (hasReached(film, 'touch', at, series)) return null
  const sticks =
    resolved.row.mask === 'grain' ? 'grains sink into it' : 'it comes off with the mask'
  return {
    severity: 'stop',
    because: `${capital(theFilm(film))} is touch-dry after ${takes(film, 'touch', context)}; ${afterAge(film, context)} ${sticks}.`,
    on: { film: film.family, state: filmState(film, at, series) },
  }
}
