import type { ClimateSeries } from '../../drying/series'
import { type ActRow, actRow } from '../../knowledge/acts'
import { familyRow } from '../../knowledge/families'
import { EPSILON, type Film, filmReaches } from './film'
import { newestRelease, type Stack } from './stack'
import type { StepContext } from './stepContext'

/** Films of one effect laid less than this apart are one sitting, minutes. */
const ONE_SITTING = 4 * 60

/** Was the one film laid in the same sitting as the other? */
export function sameSitting(a: Film, laterStart: number): boolean {
  return laterStart - a.end <= ONE_SITTING
}

/** Spirit effects of one evening are worked into one another for so long, minutes. */
const FEATHERED_FOR = 8 * 60

/** May this film still be worked into what is laid or feathered now: of one evening, and within its own window? Source: handbook 2.3, 6. */
export function stillFeathers(film: Film, at: number, series: ClimateSeries): boolean {
  if (!actRow(film.act, undefined).feathered) return false
  const until = filmReaches(film, 'workTo', series) ?? film.end
  return at <= Math.min(until, film.end + FEATHERED_FOR) + EPSILON
}

/** Is this laid into what still feathers: slow paint into slow paint of one evening? */
export function worksInto(context: StepContext, film: Film): boolean {
  const { resolved, at, series } = context
  if (!resolved.row.feathered || !resolved.family || !familyRow(resolved.family).slow) return false
  return familyRow(film.family).slow && stillFeathers(film, at, series)
}

/**
 * The films an act works on, newest first: the newest of its kind, and what else was laid for the same effect in the
 * same sitting. Empty when there is none. Source: handbook 2.3, films meant to move.
 */
export function targetsOf(row: ActRow, stack: Stack, at: number, series: ClimateSeries): Film[] {
  if (row.kind === 'open') {
    const release = newestRelease(stack)
    return release ? stack.films.slice(release.at).reverse() : []
  }
  if (row.kind !== 'clean' || row.target === undefined) return []
  const newestFirst = [...stack.films].reverse()
  const kinds = row.target
  const newest =
    kinds === null ? newestFirst[0] : newestFirst.find((film) => kinds.includes(film.act))
  if (!newest) return []
  const group = [newest]
  let earliest = newest
  for (const film of newestFirst) {
    if (film === newest) continue
    if (row.feathered && stillFeathers(film, at, series)) {
      group.push(film)
      continue
    }
    if (film.effect === null || film.effect !== newest.effect) continue
    if (film.start > newest.start) group.push(film)
    else if (sameSitting(film, earliest.start)) {
      group.push(film)
      earliest = film
    }
  }
  return group
}
