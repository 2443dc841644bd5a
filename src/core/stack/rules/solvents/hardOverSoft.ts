import { familyRow } from '../../../knowledge/families'
import type { Severity } from '../../../model/vocabulary'
import { cleanUpFirstCandidates, otherFamilyCandidates } from '../../remedies/candidates'
import { type Film, filmReaches, filmState, hasReached } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { openFilms } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import { takes } from '../../state/takes'
import { hasHad, theWork } from '../../state/words'
import { type Draft, type Rule, worstDraft } from '../finding'

/** A fast, hard film over one that still moves cracks or wrinkles. Patchy top coats are exempt. Source: handbook 2.3. */
export const hardOverSoft: Rule = {
  name: 'hard-over-soft',
  timing: true,
  causes: { unsettled: 2 },
  judge: (context) => {
    const { resolved } = context
    if (resolved.row.kind !== 'film' || resolved.coverage !== 'whole' || !resolved.family)
      return null
    if (!familyRow(resolved.family).hard) return null
    return worstDraft(openFilms(context.stack).map((film) => draft(context, film)))
  },
}

function severityOf(context: StepContext, film: Film): Severity | null {
  const { resolved, at, series } = context
  const family = resolved.family
  if (!family || !familyRow(film.family).slow || hasReached(film, 'cured', at, series)) return null
  const recoat = hasReached(film, 'recoat', at, series)
  if (film.coverage === 'patchy') return recoat ? null : 'risk'
  return recoat ? familyRow(family).overSlow : 'stop'
}

function draft(context: StepContext, film: Film): Draft | null {
  const severity = severityOf(context, film)
  if (!severity) return null
  const point = film.coverage === 'patchy' ? 'recoat' : 'cured'
  const word = point === 'cured' ? 'is cured' : 'is set'
  return {
    severity,
    because: `Hard ${theWork(context)} over ${theFilm(film)} that still moves: it ${word} after ${takes(film, point, context)}, and ${hasHad(film, context)}.`,
    on: { film: film.family, state: filmState(film, context.at, context.series) },
    until: filmReaches(film, point, context.series),
    candidates: () => [
      ...cleanUpFirstCandidates(context, film),
      ...otherFamilyCandidates(context, ['enamel']),
    ],
  }
}
