import { POLISH_2K } from '../../materials'
import { sayDuration } from '../../model/duration'
import { filmReaches, filmState } from '../film'
import type { Rule } from '../finding'
import { openFilms } from '../stack'
import { age, capital, theFilm } from '../words'

/** Compound on a clear that is not cured. Source: handbook 2.6. */
export const polishTooEarly: Rule = {
  name: 'polish-too-early',
  timing: true,
  judge: (moment) => {
    const { step, at, series } = moment
    if (step.do !== 'compound') return null
    const film = openFilms(moment.stack)[0]
    if (!film) return null
    const from =
      film.family === 'urethane-2k' ? film.end + POLISH_2K : filmReaches(film, 'cured', series)
    if (from === null || at >= from) return null
    return {
      severity: 'risk',
      because: `${capital(theFilm(film))} is polished from ${sayDuration(from - film.end)} on; it has had ${age(film, moment)}.`,
      on: { film: film.family, state: filmState(film, at, series) },
    }
  },
}
