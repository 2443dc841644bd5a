import { familyRow } from '../../../knowledge/families'
import { capital } from '../../../model/capital'
import { type Film, filmReaches, filmState, hasReached } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { openFilms } from '../../state/stack'
import { takes } from '../../state/takes'
import { afterAge } from '../../state/words'
import type { Rule } from '../finding'

/** Cutting a film before it sands to dust. Source: handbook 2.6, 3.1. */
export const sandTooEarly: Rule = {
  name: 'sand-too-early',
  timing: true,
  worthWaiting: true,
  judge: (context) => {
    const { resolved, at, series, step } = context
    if (!resolved.row.cuts) return null
    const film = openFilms(context.stack).find(
      (film) => filmReaches(film, 'sand', series) !== null && !hasReached(film, 'sand', at, series),
    )
    if (!film) return null
    const wet = film.role === 'primer' && at >= film.end + (wetSandedFrom(film) ?? Infinity)
    const meant = wet || step.intent === 'attack'
    return {
      severity: !hasReached(film, 'touch', at, series) ? 'stop' : meant ? 'note' : 'risk',
      because: `${capital(theFilm(film))} sands to dust after ${takes(film, 'sand', context)}; ${afterAge(film, context)} ${wet ? 'it wants water and a soft sponge' : 'it rolls'}.`,
      on: { film: film.family, state: filmState(film, at, series) },
    }
  },
}

/** When a primer is cut wet, minutes; undefined: it rolls until it is dry. */
function wetSandedFrom({ family }: Film): number | undefined {
  return familyRow(family).wetSandedFrom
}
