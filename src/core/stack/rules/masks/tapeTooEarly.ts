import { capital } from '../../../model/capital'
import { EPSILON, type Film, filmReaches, filmState, hasReached } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { openFilms } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import { takes } from '../../state/takes'
import { hasHad } from '../../state/words'
import { type Draft, type Rule, worstDraft } from '../finding'

/** After a night flexible tape of low tack holds on what isn't tape-safe yet, minutes. Source: handbook 3.4. */
const NIGHT = 12 * 60

/** Tape on a film that is not tape-safe. Source: handbook 2.6, 3.1. */
export const tapeTooEarly: Rule = {
  name: 'tape-too-early',
  timing: true,
  worthWaiting: true,
  causes: { tape: 0 },
  judge: (context) => {
    const { kind, mask } = context.resolved.row
    if (kind !== 'mask' || mask !== 'sheet') return null
    return worstDraft(openFilms(context.stack).map((film) => draft(context, film)))
  },
}

function draft(context: StepContext, film: Film): Draft | null {
  const { at, series } = context
  if (film.loose || filmReaches(film, 'tape', series) === null) return null
  if (hasReached(film, 'tape', at, series)) return null
  const night = at >= film.end + NIGHT - EPSILON
  return {
    severity: !hasReached(film, 'touch', at, series) ? 'stop' : night ? 'note' : 'risk',
    because: `${capital(theFilm(film))} bears tape after ${takes(film, 'tape', context)}; ${hasHad(film, context)}${night ? ': flexible tape of low tack, pulled back flat' : ''}.`,
    on: { film: film.family, state: filmState(film, at, series) },
  }
}
