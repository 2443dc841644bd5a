import { sayDuration } from '../../model/duration'
import type { Severity } from '../../model/vocabulary'
import { EPSILON, type Film, filmReaches, filmState, hasReached } from '../film'
import { type Draft, type Rule, worstDraft } from '../finding'
import { flashAfter, gapAfter } from '../lay'
import type { Moment } from '../moment'
import { openFilms } from '../stack'
import { changed } from '../ways'
import { age, capital, takes, theFilm, theWork } from '../words'

/**
 * Another product before the film's recoat time, or another coat of the same before its flash. Between weathering layers
 * `lock-first` speaks instead. Source: handbook 2.6, 3.1.
 */
export const recoatTooEarly: Rule = {
  name: 'recoat-too-early',
  timing: true,
  judge: (moment) => {
    if (moment.work.row.kind !== 'film') return null
    const below = openFilms(moment.stack).map((film) => overFilm(moment, film))
    return worstDraft([...below, betweenCoats(moment)])
  },
}

function overFilm(moment: Moment, film: Film): Draft | null {
  const { work } = moment
  if (work.row.weathering && film.weathering) return null
  if (film.loose) return null
  const same = film.family === work.family && film.role === work.role
  return same ? overOwn(moment, film) : overOther(moment, film)
}

/** Patchy paint over patchy paint may lie in different places. Source: handbook 2.6. */
function bothPatchy(moment: Moment, film: Film): boolean {
  return moment.work.coverage === 'patchy' && film.coverage === 'patchy'
}

function overOwn(moment: Moment, film: Film): Draft | null {
  if (film.role === 'decal') return null
  const flash = filmReaches(film, 'flash', moment.series)
  if (flash === null || moment.at >= flash - EPSILON) return null
  const half = film.end + (flash - film.end) / 2
  let severity: Severity | null = moment.at < half ? 'risk' : 'note'
  if (bothPatchy(moment, film)) severity = severity === 'risk' ? 'note' : null
  if (!severity) return null
  return {
    severity,
    because: `${capital(theFilm(film))} flashes after ${takes(film, 'flash', moment)}; the next coat comes after ${age(film, moment)}.`,
    on: { film: film.family, state: 'fresh' },
    until: flash,
  }
}

function overOther(moment: Moment, film: Film): Draft | null {
  const { at, series } = moment
  const never = filmReaches(film, 'recoat', series) === null
  const point = never ? 'touch' : 'recoat'
  if (hasReached(film, point, at, series)) return null
  const early = !hasReached(film, 'touch', at, series)
  const severity: Severity = early && !bothPatchy(moment, film) ? 'stop' : 'risk'
  const reach = early
    ? `is touch-dry after ${takes(film, 'touch', moment)} and ready for another product after ${takes(film, point, moment)}`
    : `is ready for another product after ${takes(film, point, moment)}`
  return {
    severity,
    because: `${capital(theFilm(film))} ${reach}; ${theWork(moment)} goes on after ${age(film, moment)}.`,
    on: { film: film.family, state: filmState(film, at, series) },
    until: filmReaches(film, point, series),
  }
}

/** The gap written between the coats of one step against their flash. */
function betweenCoats(moment: Moment): Draft | null {
  const { step, work, climate, index } = moment
  if (step.gap === undefined || !work.family || work.coats.length < 2) return null
  const gap = gapAfter(step, work, climate, 1)
  const needs = work.coats.slice(0, -1).map((_, i) => flashAfter(work, climate, i + 1))
  const flash = Math.max(...needs)
  if (gap >= flash - EPSILON) return null
  return {
    severity: gap < flash / 2 ? 'risk' : 'note',
    because: `The coats follow one another after ${sayDuration(gap)}, and this one flashes after ${sayDuration(flash)}.`,
    on: { film: work.family, state: 'fresh' },
    ways: () => [
      {
        kind: 'coat',
        say: `Keep ${sayDuration(flash)} between the coats`,
        edit: { replace: { step: index, with: changed(step, { gap: undefined }) } },
      },
    ],
  }
}
