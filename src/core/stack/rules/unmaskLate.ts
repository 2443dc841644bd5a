import { type Film, filmReaches, filmState, hasReached } from '../film'
import type { Rule } from '../finding'
import type { Moment } from '../moment'
import { moveWays, soonerWays } from '../ways'
import { age, capital, theFilm } from '../words'

/** Tape left on through full cure of the sprayed film: ridges, tearing. Source: handbook 2.6, 3.4. */
export const unmaskLate: Rule = {
  name: 'unmask-late',
  timing: true,
  judge: (moment) => {
    if (moment.step.do !== 'untape') return null
    const film = overTape(moment)
    if (!film || !hasReached(film, 'cured', moment.at, moment.series)) return null
    const cured = filmReaches(film, 'cured', moment.series) ?? moment.at
    return {
      severity: 'risk',
      because: `${capital(theFilm(film))} over the tape is cured after ${age(film, moment)}: it tears and leaves a ridge.`,
      on: { film: film.family, state: filmState(film, moment.at, moment.series) },
      ways: () => [
        ...soonerWays(moment, film.step, moment.at - cured + 1),
        ...moveWays(moment, film.step + 1, 'Take it off right after the last coat'),
      ],
    }
  },
}

/** The newest film laid while the tape was on. */
function overTape(moment: Moment): Film | null {
  const tape = moment.stack.masks.find((mask) => mask.act === 'tape')
  if (!tape) return null
  return [...moment.stack.films].reverse().find((film) => film.step > tape.step) ?? null
}
