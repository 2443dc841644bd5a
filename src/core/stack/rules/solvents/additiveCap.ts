import { ADDITIVE_CAP } from '../../../knowledge/limits'
import { changed } from '../../remedies/candidates'
import type { Rule } from '../finding'

/** Flow aid or retarder beyond its cap: it stays soft, or never runs as it should. Note. Source: handbook 2.6, 4.2, 4.5. */
export const additiveCap: Rule = {
  name: 'additive-cap',
  timing: false,
  judge: ({ step, resolved, index }) => {
    if (resolved.row.kind !== 'film') return null
    const retarder = (step.retarder ?? 0) > ADDITIVE_CAP.retarder
    const flowAid = (step.flowAid ?? 0) > ADDITIVE_CAP.flowAid
    if (!retarder && !flowAid) return null
    const field = retarder ? 'retarder' : 'flowAid'
    const name = retarder ? 'retarder' : 'flow aid'
    const cap = ADDITIVE_CAP[field]
    return {
      severity: 'note',
      because: `${step[field]} % of ${name}, where ${cap} % are enough: the film stays soft and creeps.`,
      on: resolved.family ? { film: resolved.family } : {},
      candidates: () => [
        {
          kind: 'solvent',
          say: `Take ${cap} % of ${name}`,
          edit: { replace: { step: index, with: changed(step, { [field]: cap }) } },
        },
      ],
    }
  },
}
