import type { Act } from '../../model/vocabulary'
import { filmReaches, filmState, hasReached } from '../film'
import type { Rule } from '../finding'
import { openFilms } from '../stack'
import { age, capital, takes, theFilm } from '../words'

const CUTTING: readonly Act[] = ['sand', 'scuff', 'cut-polish']

/** Cutting a film before it sands to dust. Source: handbook 2.6, 3.1. */
export const sandTooEarly: Rule = {
  name: 'sand-too-early',
  timing: true,
  judge: (moment) => {
    const { step, at, series } = moment
    if (!CUTTING.includes(step.do)) return null
    const film = openFilms(moment.stack).find(
      (one) => filmReaches(one, 'sand', series) !== null && !hasReached(one, 'sand', at, series),
    )
    if (!film) return null
    return {
      severity: hasReached(film, 'touch', at, series) ? 'risk' : 'stop',
      because: `${capital(theFilm(film))} sands to dust after ${takes(film, 'sand', moment)}; after ${age(film, moment)} it rolls.`,
      on: { film: film.family, state: filmState(film, at, series) },
    }
  },
}
