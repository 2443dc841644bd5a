import { capital } from '../../../model/capital'
import { sayDuration, writeDuration } from '../../../model/duration'
import { otherUnderCandidates, soonerCandidates } from '../../remedies/candidates'
import { EPSILON, type Film, filmReaches, filmState } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { hasGrains, openFilms } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import { afterAge } from '../../state/words'
import { type Draft, type Remedy, type Rule, worstDraft } from '../finding'

/** A whole paint film past its latest recoat time without a scuff; release older than 12 h. Source: handbook 2.6, 3.4. */
export const recoatWindowMissed: Rule = {
  name: 'recoat-window-missed',
  timing: true,
  judge: (context) => {
    if (context.resolved.row.kind !== 'film' || context.resolved.coverage !== 'whole') return null
    return worstDraft(openFilms(context.stack).map((film) => draft(context, film)))
  },
}

/** The latest minute at which paint may follow a film; null when it stays open. */
export function latestRecoat(film: Film, series: StepContext['series']): number | null {
  if (film.role === 'release') return filmReaches(film, 'latest', series)
  if (film.coverage !== 'whole' || film.keyedAt !== null) return null
  return filmReaches(film, 'latest', series)
}

function draft(context: StepContext, film: Film): Draft | null {
  const { at, series, index } = context
  const latest = latestRecoat(film, series)
  if (latest === null || at <= latest + EPSILON) return null
  // Salt holds the colour off by itself: the release under it has only to come off with it.
  const salted = film.role === 'release' && hasGrains(context.stack)
  return {
    severity: salted ? 'note' : 'risk',
    because: `${capital(theFilm(film))} takes the next paint up to ${sayDuration(latest - film.end)} after its last coat; this comes ${afterAge(film, context)}.`,
    on: { film: film.family, state: filmState(film, at, series) },
    candidates: (): Remedy[] => [
      ...(film.role === 'release'
        ? []
        : [
            {
              kind: 'order' as const,
              say: 'Scuff it first, so that the next paint keys',
              edit: { insert: { before: index, step: { do: 'scuff' as const } } },
            },
          ]),
      ...soonerCandidates(context, film.step, at - latest),
      ...scuffedBefore(context, film),
      ...otherUnderCandidates(context, film),
    ],
  }
}

/** Scuff it before what lies on it goes on: that would be scuffed off with it. */
function scuffedBefore({ stack, series }: StepContext, film: Film): Remedy[] {
  const above = stack.films[stack.films.indexOf(film) + 1]
  const sands = filmReaches(film, 'sand', series)
  if (!above || sands === null) return []
  const first = sands > above.start ? [{ wait: writeDuration(sands - above.start) }] : []
  return [
    {
      kind: 'order',
      say: 'Scuff it before what lies on it',
      edit: { insert: { before: above.step, steps: [...first, { do: 'scuff' }] } },
    },
  ]
}
