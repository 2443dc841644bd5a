import { FLOW } from '../../../knowledge/sheens'
import type { Act } from '../../../model/vocabulary'
import { shieldCandidates } from '../../remedies/candidates'
import type { Rule } from '../finding'

/** Acts that want something to grip. Source: handbook 2.5, 2.6. */
const WANT_TOOTH: readonly Act[] = ['oil-dots', 'streak', 'filter', 'powder']

/** Oils, streaks, filters and powders slide on gloss. Source: handbook 2.5, 2.6. */
export const toothNeeded: Rule = {
  name: 'tooth-needed',
  timing: false,
  asksStage: true,
  judge: (context) => {
    const { step, stack, resolved } = context
    if (!WANT_TOOTH.includes(step.do) || stack.sheen === null) return null
    if (FLOW[stack.sheen] !== 'gloss') return null
    const top = stack.films.at(-1)
    return {
      severity: resolved.family === 'pigment' ? 'risk' : 'note',
      because: `The face is ${stack.sheen}: ${resolved.family === 'pigment' ? 'powder finds nothing to hold on to' : 'it slides and is hard to blend'}.`,
      on: top ? { film: top.family } : { substrate: stack.substrate },
      candidates: () =>
        shieldCandidates(
          { ...context, resolved: { ...resolved, solvent: resolved.solvent ?? 'water' } },
          'matt',
        ),
    }
  },
}
