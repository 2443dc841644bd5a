import { familyRow } from '../../../knowledge/families'
import { POLISH_2K } from '../../../knowledge/limits'
import { sayDuration } from '../../../model/duration'
import { filmReaches, filmState } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { openFilms } from '../../state/stack'
import { age, capital } from '../../state/words'
import type { Rule } from '../finding'

/** Compound on a clear that is not cured. Source: handbook 2.6. */
export const polishTooEarly: Rule = {
  name: 'polish-too-early',
  timing: true,
  judge: (context) => {
    const { resolved, at, series } = context
    if (!resolved.row.polishes) return null
    const film = openFilms(context.stack)[0]
    if (!film) return null
    const from = familyRow(film.family).twoPart
      ? film.end + POLISH_2K
      : filmReaches(film, 'cured', series)
    if (from === null || at >= from) return null
    return {
      severity: 'risk',
      because: `${capital(theFilm(film))} is polished from ${sayDuration(from - film.end)} on; it has had ${age(film, context)}.`,
      on: { film: film.family, state: filmState(film, at, series) },
    }
  },
}
