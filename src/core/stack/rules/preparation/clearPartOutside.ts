import { changed } from '../../remedies/candidates'
import type { Rule } from '../finding'

/** Tint on the outside of glass, or on a side that nobody has said. Note. Source: handbook 2.6, 6 (tinted glass). */
export const clearPartOutside: Rule = {
  name: 'clear-part-outside',
  timing: false,
  judge: ({ resolved, step, stack, index }) => {
    if (resolved.row.kind !== 'film' || resolved.role !== 'clear-colour') return null
    if (stack.substrate !== 'clear-styrene' || step.side === 'inside') return null
    return {
      severity: 'note',
      because:
        'Tint on the outside of glass scratches, and shows its grain: it goes on the inside.',
      on: { substrate: stack.substrate },
      candidates: () => [
        {
          kind: 'order',
          say: 'Spray the inside',
          edit: { replace: { step: index, with: changed(step, { side: 'inside' }) } },
        },
      ],
    }
  },
}
