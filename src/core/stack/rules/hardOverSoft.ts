import { familyRow } from '../../materials'
import type { Severity } from '../../model/vocabulary'
import { type Film, filmReaches, filmState, hasReached } from '../film'
import { type Draft, type Rule, worstDraft } from '../finding'
import type { Moment } from '../moment'
import { openFilms } from '../stack'
import { otherFamilyWays } from '../ways'
import { age, takes, theFilm, theWork } from '../words'

/** A fast, hard film over one that still moves cracks or wrinkles. Patchy top coats are exempt. Source: handbook 2.3. */
export const hardOverSoft: Rule = {
  name: 'hard-over-soft',
  timing: true,
  judge: (moment) => {
    const { work } = moment
    if (work.row.kind !== 'film' || work.coverage !== 'whole' || !work.family) return null
    if (!familyRow(work.family).hard) return null
    return worstDraft(openFilms(moment.stack).map((film) => draft(moment, film)))
  },
}

function severityOf(moment: Moment, film: Film): Severity | null {
  const { work, at, series } = moment
  const family = work.family
  if (!family || !familyRow(film.family).slow || hasReached(film, 'cured', at, series)) return null
  const recoat = hasReached(film, 'recoat', at, series)
  if (film.coverage === 'patchy') return recoat ? null : 'risk'
  return recoat ? familyRow(family).overSlow : 'stop'
}

function draft(moment: Moment, film: Film): Draft | null {
  const severity = severityOf(moment, film)
  if (!severity) return null
  const point = film.coverage === 'patchy' ? 'recoat' : 'cured'
  const word = point === 'cured' ? 'is cured' : 'is set'
  return {
    severity,
    because: `Hard ${theWork(moment)} over ${theFilm(film)} that still moves: it ${word} after ${takes(film, point, moment)}, and ${age(film, moment)} have passed.`,
    on: { film: film.family, state: filmState(film, moment.at, moment.series) },
    until: filmReaches(film, point, moment.series),
    ways: () => otherFamilyWays(moment, ['enamel']),
  }
}
