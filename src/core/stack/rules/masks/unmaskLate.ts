import { moveCandidates, soonerCandidates } from '../../remedies/candidates'
import { type Film, filmReaches, filmState, hasReached } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { sheetMask } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import { age, capital } from '../../state/words'
import type { Rule } from '../finding'

/** Tape left on through full cure of the sprayed film: ridges, tearing. Source: handbook 2.6, 3.4. */
export const unmaskLate: Rule = {
  name: 'unmask-late',
  timing: true,
  judge: (context) => {
    const { kind, mask } = context.resolved.row
    if (kind !== 'unmask' || mask !== 'sheet') return null
    const film = overTape(context)
    if (!film || !hasReached(film, 'cured', context.at, context.series)) return null
    const cured = filmReaches(film, 'cured', context.series) ?? context.at
    return {
      severity: 'risk',
      because: `${capital(theFilm(film))} over the tape is cured after ${age(film, context)}: it tears and leaves a ridge.`,
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
  if (!tape) return null
  return [...context.stack.films].reverse().find((film) => film.step > tape.step) ?? null
}
