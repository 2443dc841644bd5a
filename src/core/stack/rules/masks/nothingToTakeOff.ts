import { actRow } from '../../../knowledge/acts'
import type { Rule } from '../finding'

/** A mask is taken off where none is on: it was taken off before, or is still to come. Note. Source: handbook 2.6. */
export const nothingToTakeOff: Rule = {
  name: 'nothing-to-take-off',
  timing: false,
  judge: ({ resolved, stack, index }) => {
    const { kind, target } = resolved.row
    if (kind !== 'unmask' || stack.masks.some(({ act }) => target?.includes(act))) return null
    const what = target?.[0]
    return {
      severity: 'note',
      because: `Nothing is on that could come off here${what ? `: ${actRow(what, undefined).name.toLowerCase()} comes first, or this is one too many` : ''}.`,
      on: what ? { mask: what } : {},
      candidates: () => [
        { kind: 'leave-out', say: 'Leave this step out', edit: { remove: { step: index } } },
      ],
    }
  },
}
