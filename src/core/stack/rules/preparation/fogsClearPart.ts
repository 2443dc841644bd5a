import { SOLVENT_WORDS } from '../../../knowledge/solvents'
import type { Solvent } from '../../../model/vocabulary'
import { capital } from '../../state/words'
import type { Rule } from '../finding'

/** Solvents whose vapour fogs clear plastic. Source: handbook 2.4, 2.6. */
const STRONG: readonly Solvent[] = ['lacquer-hot', 'reducer-2k', 'plastic-solvent']

/** Cyanoacrylate or a strong solvent near clear parts. Risk. Source: handbook 2.6. */
export const fogsClearPart: Rule = {
  name: 'fogs-clear-part',
  timing: false,
  judge: ({ step, stack, resolved, index }) => {
    const clear = step.do === 'glue-clear' || stack.substrate === 'clear-styrene'
    if (!clear || resolved.row.kind !== 'handle') return null
    const glue = step.adhesive === 'cyanoacrylate'
    const strong = resolved.solvent !== null && STRONG.includes(resolved.solvent)
    if (!glue && !strong) return null
    const what = glue ? 'cyanoacrylate' : SOLVENT_WORDS[resolved.solvent ?? 'lacquer-hot']
    return {
      severity: 'risk',
      because: `${capital(what)} near clear parts fogs them with its vapour.`,
      on: { substrate: stack.substrate },
      candidates: () => [
        {
          kind: 'bottle',
          say: 'Use white glue',
          edit: {
            replace: {
              step: index,
              with: { ...step, adhesive: 'white-glue', solvent: undefined },
            },
          },
        },
      ],
    }
  },
}
