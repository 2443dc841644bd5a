import { filmReaches, filmState, hasReached } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { openFilms } from '../../state/stack'
import { takes } from '../../state/takes'
import { age, capital } from '../../state/words'
import type { Rule } from '../finding'

/** Cutting a film before it sands to dust. Source: handbook 2.6, 3.1. */
export const sandTooEarly: Rule = {
  name: 'sand-too-early',
  timing: true,
  judge: (context) => {
    const { resolved, at, series } = context
    if (!resolved.row.cuts) return null
    const film = openFilms(context.stack).find(
      (film) => filmReaches(film, 'sand', series) !== null && !hasReached(film, 'sand', at, series),
    )
    if (!film) return null
    return {
      severity: hasReached(film, 'touch', at, series) ? 'risk' : 'stop',
      because: `${capital(theFilm(film))} sands to dust after ${takes(film, 'sand', context)}; after ${age(film, context)} it rolls.`,
      on: { film: film.family, state: filmState(film, at, series) },
    }
  },
}
