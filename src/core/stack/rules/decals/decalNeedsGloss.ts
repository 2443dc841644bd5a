import { FLOW } from '../../../knowledge/sheens'
import { glossCandidates } from '../../remedies/candidates'
import type { Rule } from '../finding'

/** A decal over matt silvers, over satin it may show its film. Source: handbook 2.5, 2.6. */
export const decalNeedsGloss: Rule = {
  name: 'decal-needs-gloss',
  timing: false,
  ofFace: true,
  asksStage: true,
  judge: (context) => {
    const { resolved, stack } = context
    const { kind, role } = resolved.row
    if (kind !== 'film' || role !== 'decal' || stack.sheen === null) return null
    const flow = FLOW[stack.sheen]
    if (flow === 'gloss') return null
    const top = stack.films.at(-1)
    return {
      severity: flow === 'matt' ? 'risk' : 'note',
      because:
        flow === 'matt'
          ? 'The face is matt: air stays under the decal and shines silver.'
          : 'The face is satin: the edge of the decal film may show.',
      on: top ? { film: top.family } : { substrate: stack.substrate },
      candidates: () => glossCandidates(context),
    }
  },
}
