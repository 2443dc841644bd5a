import { FLOW } from '../../materials'
import type { Rule } from '../finding'
import { glossWays } from './flowNeedsGloss'

/** A decal over matt silvers, over satin it may show its film. Source: handbook 2.5, 2.6. */
export const decalNeedsGloss: Rule = {
  name: 'decal-needs-gloss',
  timing: false,
  judge: (moment) => {
    const { step, stack } = moment
    if (step.do !== 'decal' || stack.sheen === null) return null
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
      ways: () => glossWays(moment),
    }
  },
}
