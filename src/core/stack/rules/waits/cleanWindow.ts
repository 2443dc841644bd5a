import { laysLining } from '../../../knowledge/acts'
import { familyRow } from '../../../knowledge/families'
import { capital } from '../../../model/capital'
import { sayDuration } from '../../../model/duration'
import {
  afterNextFilmCandidates,
  movableFamilyCandidates,
  moveCandidates,
  movingSolventCandidates,
  soonerCandidates,
} from '../../remedies/candidates'
import { EPSILON, type Film, filmReaches, filmState } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { effectOn } from '../../state/solventEffects'
import type { StepContext } from '../../state/stepContext'
import { takes } from '../../state/takes'
import { afterAge, theSolvent } from '../../state/words'
import type { Rule } from '../finding'

/** The film whose window this act must keep; null when the act has none. Source: handbook 3.4. */
function windowed(context: StepContext): Film | null {
  const { resolved, target } = context
  if (resolved.row.kind !== 'clean' || !resolved.row.weathering || !target) return null
  return familyRow(target.family).powder ? null : target
}

/** Clean-up, drag or blend before its window opens. Source: handbook 2.6, 3.1, 3.4. */
export const cleanTooEarly: Rule = {
  name: 'clean-too-early',
  timing: true,
  worthWaiting: true,
  judge: (context) => {
    const film = windowed(context)
    if (!film) return null
    const from = filmReaches(film, 'workFrom', context.series)
    if (from === null || context.at >= from - EPSILON) return null
    const tints = leavesATint(context, film)
    return {
      severity: tints ? 'note' : 'risk',
      because: `${capital(theFilm(film))} can be worked from ${takes(film, 'workFrom', context)} after it was laid; this comes ${afterAge(film, context)} and ${tints ? 'leaves a tint on the face and a thinner line' : 'drags it out'}.`,
      on: { film: film.family, state: filmState(film, context.at, context.series) },
      until: from,
    }
  },
}

/** A line that has stood for so long and is drawn off with a damp brush stays in part, minutes. Source: handbook 6, panel lining. */
const TINTS_FROM = 3

/** Is a line wiped off while it is wet, in the manner that leaves a tint? */
function leavesATint({ resolved, at }: StepContext, film: Film): boolean {
  if (!laysLining({ do: film.act }) || resolved.tool !== 'damp-brush') return false
  return at >= film.end + TINTS_FROM - EPSILON
}

/** Clean-up, drag or blend after its window has closed, or a wipe-back of a film that no longer moves. */
export const cleanTooLate: Rule = {
  name: 'clean-too-late',
  timing: true,
  judge: (context) => {
    const film = windowed(context) ?? wipedBack(context)
    if (!film) return null
    const to = filmReaches(film, 'workTo', context.series)
    const late = to === null ? stuck(context, film) : context.at > to + EPSILON
    if (!late) return null
    const limit =
      to === null
        ? context.resolved.solvent
          ? `doesn’t move for ${theSolvent(context)}`
          : 'doesn’t move when it is rubbed dry'
        : `can be worked until ${sayDuration(to - film.end)} after it was laid`
    return {
      severity: 'risk',
      because: `${capital(theFilm(film))} ${limit}; this comes ${afterAge(film, context)}.`,
      on: { film: film.family, state: filmState(film, context.at, context.series) },
      candidates: () => [
        ...soonerCandidates(context, film.step, context.at - (to ?? film.end)),
        ...moveCandidates(context, film.step + 1, 'Do it right after it was laid'),
        ...moveCandidates(context, film.step + 2, 'Do it after the first wait'),
        ...(to === null
          ? [
              ...movingSolventCandidates(context),
              ...afterNextFilmCandidates(context),
              ...movableFamilyCandidates(context),
            ]
          : []),
      ],
    }
  },
}

function wipedBack(context: StepContext): Film | null {
  const { resolved, target } = context
  return resolved.row.kind === 'clean' && resolved.row.target === null ? target : null
}

/** Does the solvent no longer move a film that keeps no window of its own? */
function stuck(context: StepContext, film: Film): boolean {
  const effect = effectOn(context, film)
  return effect === '-' || effect === 's'
}
