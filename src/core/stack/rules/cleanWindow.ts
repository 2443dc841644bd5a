import { sayDuration } from '../../model/duration'
import { effectOn } from '../effect'
import { EPSILON, type Film, filmReaches, filmState } from '../film'
import type { Rule } from '../finding'
import type { Moment } from '../moment'
import { moveWays, soonerWays } from '../ways'
import { age, capital, takes, theFilm, theSolvent } from '../words'

/** The film whose window this act must keep; null when the act has none. Source: handbook 3.4. */
function windowed(moment: Moment): Film | null {
  const { work, target } = moment
  if (work.row.kind !== 'clean' || !work.row.weathering || !target) return null
  return target.family === 'pigment' ? null : target
}

/** Clean-up, drag or blend before its window opens. Source: handbook 2.6, 3.1, 3.4. */
export const cleanTooEarly: Rule = {
  name: 'clean-too-early',
  timing: true,
  judge: (moment) => {
    const film = windowed(moment)
    if (!film) return null
    const from = filmReaches(film, 'workFrom', moment.series)
    if (from === null || moment.at >= from - EPSILON) return null
    return {
      severity: 'risk',
      because: `${capital(theFilm(film))} can be worked from ${takes(film, 'workFrom', moment)} after it was laid; this comes after ${age(film, moment)} and drags it out.`,
      on: { film: film.family, state: filmState(film, moment.at, moment.series) },
      until: from,
    }
  },
}

/** Clean-up, drag or blend after its window has closed, or a wipe-back of a film that no longer moves. */
export const cleanTooLate: Rule = {
  name: 'clean-too-late',
  timing: true,
  judge: (moment) => {
    const film = windowed(moment) ?? wipedBack(moment)
    if (!film) return null
    const to = filmReaches(film, 'workTo', moment.series)
    const late = to === null ? stuck(moment, film) : moment.at > to + EPSILON
    if (!late) return null
    const limit =
      to === null
        ? `no longer moves for ${theSolvent(moment)}`
        : `can be worked until ${sayDuration(to - film.end)} after it was laid`
    return {
      severity: 'risk',
      because: `${capital(theFilm(film))} ${limit}; this comes after ${age(film, moment)}.`,
      on: { film: film.family, state: filmState(film, moment.at, moment.series) },
      ways: () => [
        ...soonerWays(moment, film.step, moment.at - (to ?? film.end)),
        ...moveWays(moment, film.step + 1, 'Do it right after it was laid'),
        ...moveWays(moment, film.step + 2, 'Do it after the first wait'),
      ],
    }
  },
}

function wipedBack(moment: Moment): Film | null {
  const { work, target } = moment
  return work.row.kind === 'clean' && work.row.target === null ? target : null
}

/** Does the solvent no longer move a film that keeps no window of its own? */
function stuck(moment: Moment, film: Film): boolean {
  const effect = effectOn(moment, film)
  return effect === '-' || effect === 's'
}
