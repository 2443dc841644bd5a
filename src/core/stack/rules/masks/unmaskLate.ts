import { LATEX } from '../../../knowledge/drying'
import { capital } from '../../../model/capital'
import { sayDuration } from '../../../model/duration'
import { moveCandidates, soonerCandidates } from '../../remedies/candidates'
import { EPSILON, type Film, filmReaches, filmState, hasReached } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { filmOver, sheetMask } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import { old } from '../../state/words'
import type { Draft, Rule } from '../finding'

/** Tape left on through full cure of the sprayed film: ridges, tearing; latex left on for over a day: it sets in the corners. Source: handbook 2.6, 3.4. */
export const unmaskLate: Rule = {
  name: 'unmask-late',
  timing: true,
  judge: (context) => {
    const { kind, mask } = context.resolved.row
    if (kind === 'unmask' && mask === 'film') return latexLate(context)
    if (kind !== 'unmask' || mask !== 'sheet') return null
    const film = overTape(context)
    if (!film || !hasReached(film, 'cured', context.at, context.series)) return null
    const cured = filmReaches(film, 'cured', context.series) ?? context.at
    return {
      severity: 'risk',
      because: `${capital(theFilm(film))} over the tape is cured, ${old(film, context)}: it tears and leaves a ridge.`,
      on: { film: film.family, state: filmState(film, context.at, context.series) },
      candidates: () => [
        ...soonerCandidates(context, film.step, context.at - cured + 1),
        ...moveCandidates(context, film.step + 1, 'Take it off right after the last coat'),
      ],
    }
  },
}

/** The newest film laid while the tape was on. */
function overTape(context: StepContext): Film | null {
  const tape = sheetMask(context.stack)
  return tape && filmOver(context.stack, tape)
}

function latexLate(context: StepContext): Draft | null {
  const { stack, at, resolved, index } = context
  const latex = stack.masks.find(({ act }) => resolved.row.target?.includes(act))
  if (!latex || at <= latex.at + LATEX.off + EPSILON) return null
  return {
    severity: 'risk',
    because: `Latex comes off within ${sayDuration(LATEX.off)}; this comes after ${sayDuration(at - latex.at)}, and it tears instead of peeling.`,
    on: { mask: latex.act },
    candidates: () => [
      ...soonerCandidates(context, latex.step, at - latex.at - LATEX.off + 1),
      ...moveCandidates(
        context,
        Math.min(index, latex.step + 2),
        'Take it off right after the last coat',
      ),
    ],
  }
}
