import { actRow } from '../../../knowledge/acts'
import { familyRow } from '../../../knowledge/families'
import { FLOW } from '../../../knowledge/sheens'
import { shieldCandidates } from '../../remedies/candidates'
import { newestWhole, openFilms, type Stack } from '../../state/stack'
import type { Rule } from '../finding'

/** Oils, streaks, filters and powders slide on gloss. Source: handbook 2.5, 2.6. */
export const toothNeeded: Rule = {
  name: 'tooth-needed',
  timing: false,
  ofFace: true,
  asksStage: true,
  judge: (context) => {
    const { stack, resolved } = context
    if (!resolved.row.wantsTooth || stack.sheen === null) return null
    if (FLOW[stack.sheen] !== 'gloss' || isDulled(stack)) return null
    const face = newestWhole(stack)
    const powder = resolved.family !== null && familyRow(resolved.family).powder
    return {
      severity: powder ? 'risk' : 'note',
      because: `The face is ${stack.sheen}: ${powder ? 'powder finds nothing to hold on to' : 'what is laid slides on it and is hard to blend'}.`,
      on: face ? { film: face.family } : { substrate: stack.substrate },
      candidates: () =>
        shieldCandidates(
          { ...context, resolved: { ...resolved, solvent: resolved.solvent ?? 'water' } },
          'matt',
        ),
    }
  },
}

/** Has a wash over the whole face taken the slip from the gloss? */
function isDulled(stack: Stack): boolean {
  return openFilms(stack).some(({ act, family }) => actRow(act, family).pools === true)
}
