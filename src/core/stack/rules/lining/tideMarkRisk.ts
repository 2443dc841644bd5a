import { solventRow } from '../../../knowledge/solvents'
import { changed } from '../../remedies/candidates'
import type { StepContext } from '../../state/stepContext'
import type { Rule } from '../finding'

/** A water wash over a whole face without wicking or flow aid. Note. Source: handbook 2.6, 6 (overall wash). */
export const tideMarkRisk: Rule = {
  name: 'tide-mark-risk',
  timing: false,
  judge: (context) => {
    const { resolved, step, index } = context
    if (!ringsLeft(context)) return null
    if (step.wick || (step.flowAid ?? 0) > 0 || step.wanted?.includes('tide-ring')) return null
    return {
      severity: 'note',
      because: resolved.row.pools
        ? 'A water wash over a whole face dries from its edge and leaves rings where it pools.'
        : 'Flooded like this it dries from its edge and leaves a ring where the pool ends.',
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

/** Does it dry from its edge: water over a whole face, or what is flooded on and pools? */
function ringsLeft({ resolved }: StepContext): boolean {
  const { row, solvent, coats } = resolved
  if (row.ringsFlooded && coats.includes('flood')) return true
  return row.pools === true && solvent !== null && solventRow(solvent).rings === true
}
