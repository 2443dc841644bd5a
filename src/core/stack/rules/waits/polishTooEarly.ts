import { capital } from '../../../model/capital'
import { sayDuration } from '../../../model/duration'
import { type Film, filmReaches, filmState } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { openFilms } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import { hasHad } from '../../state/words'
import type { Rule } from '../finding'

/** Compound on a clear that is not cured. Source: handbook 2.6. */
export const polishTooEarly: Rule = {
  name: 'polish-too-early',
  timing: true,
  judge: (context) => {
    const { resolved, at, series } = context
    if (!resolved.row.polishes) return null
    const film = polished(context)
    if (!film) return null
    const from = filmReaches(film, 'polish', series)
    if (from === null || at >= from) return null
    return {
      severity: 'risk',
      because: `${capital(theFilm(film))} is polished from ${sayDuration(from - film.end)} on; ${hasHad(film, context)}.`,
      on: { film: film.family, state: filmState(film, at, series) },
    }
  },
}

/** The clear that is polished, through what was sprayed beside it; without one what lies on top. */
function polished({ stack }: StepContext): Film | null {
  const open = openFilms(stack)
  return open.find((film) => film.role === 'clear') ?? open[0] ?? null
}
