import { solventRow } from '../../../knowledge/solvents'
import { changed } from '../../remedies/candidates'
import type { Rule } from '../finding'

/** A water wash over a whole face without wicking or flow aid. Note. Source: handbook 2.6, 6 (overall wash). */
export const tideMarkRisk: Rule = {
  name: 'tide-mark-risk',
  timing: false,
  judge: (context) => {
    const { resolved, step, index } = context
    if (!resolved.row.pools || !resolved.solvent || !solventRow(resolved.solvent).rings) return null
    if (step.wick || (step.flowAid ?? 0) > 0 || step.wanted?.includes('tide-ring')) return null
    return {
      severity: 'note',
      because:
        'A water wash over a whole face dries from its edge and leaves rings where it pools.',
      on: resolved.family ? { film: resolved.family } : {},
      candidates: () => [
        {
          kind: 'coat',
          say: 'Wick the pools up as they form',
          edit: { replace: { step: index, with: changed(step, { wick: true }) } },
        },
        {
          kind: 'coat',
          say: 'Put a drop or two of flow aid in, 1 %',
          edit: { replace: { step: index, with: changed(step, { flowAid: 1 }) } },
        },
        {
          kind: 'order',
          say: 'The rings are wanted',
          edit: {
            replace: {
              step: index,
              with: changed(step, { wanted: [...(step.wanted ?? []), 'tide-ring'] }),
            },
          },
        },
      ],
    }
  },
}
