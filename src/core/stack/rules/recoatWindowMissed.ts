import { RELEASE_TO_TOP } from '../../materials'
import { sayDuration } from '../../model/duration'
import { EPSILON, type Film, filmReaches, filmState } from '../film'
import { type Draft, type Remedy, type Rule, worstDraft } from '../finding'
import type { Moment } from '../moment'
import { openFilms } from '../stack'
import { soonerWays } from '../ways'
import { age, capital, theFilm } from '../words'

/** A whole paint film past its latest recoat time without a scuff; release older than 12 h. Source: handbook 2.6, 3.4. */
export const recoatWindowMissed: Rule = {
  name: 'recoat-window-missed',
  timing: true,
  judge: (moment) => {
    if (moment.work.row.kind !== 'film' || moment.work.coverage !== 'whole') return null
    return worstDraft(openFilms(moment.stack).map((film) => draft(moment, film)))
  },
}

/** The latest minute at which paint may follow a film; null when it stays open. */
export function latestRecoat(film: Film, series: Moment['series']): number | null {
  if (film.role === 'release') return film.end + RELEASE_TO_TOP.latest
  if (film.coverage !== 'whole' || film.keyedAt !== null) return null
  return filmReaches(film, 'latest', series)
}

function draft(moment: Moment, film: Film): Draft | null {
  const { at, series, index } = moment
  const latest = latestRecoat(film, series)
  if (latest === null || at <= latest + EPSILON) return null
  return {
    severity: 'risk',
    because: `${capital(theFilm(film))} takes the next paint up to ${sayDuration(latest - film.end)} after its last coat; this comes after ${age(film, moment)}.`,
    on: { film: film.family, state: filmState(film, at, series) },
    ways: (): Remedy[] => [
      ...(film.role === 'release'
        ? []
        : [
            {
              kind: 'order' as const,
              say: 'Scuff it first, so that the next paint keys',
              edit: { insert: { before: index, step: { do: 'scuff' as const } } },
            },
          ]),
      ...soonerWays(moment, film.step, at - latest),
    ],
  }
}
