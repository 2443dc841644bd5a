import type { Rule } from '../finding'
import { changed } from '../ways'

/** Tint on the outside of glass, or on a side that nobody has said. Note. Source: handbook 2.6, 6 (tinted glass). */
export const clearPartOutside: Rule = {
  name: 'clear-part-outside',
  timing: false,
  judge: ({ work, step, stack, index }) => {
    if (work.row.kind !== 'film' || work.role !== 'clear-colour') return null
    if (stack.substrate !== 'clear-styrene' || step.side === 'inside') return null
    return {
      severity: 'note',
      because:
        'Tint on the outside of glass scratches, and shows its grain: it goes on the inside.',
      on: { substrate: stack.substrate },
      ways: () => [
        {
          kind: 'order',
          say: 'Spray the inside',
          edit: { replace: { step: index, with: changed(step, { side: 'inside' }) } },
        },
      ],
    }
  },
}
