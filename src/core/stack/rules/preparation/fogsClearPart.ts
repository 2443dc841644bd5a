import { actRow } from '../../../knowledge/acts'
import { solventRow } from '../../../knowledge/solvents'
import { capital } from '../../../model/capital'
import { isAct } from '../../../model/isAct'
import type { Rule } from '../finding'

/** Cyanoacrylate or a strong solvent near clear parts. Risk. Source: handbook 2.6. */
export const fogsClearPart: Rule = {
  name: 'fogs-clear-part',
  timing: false,
  judge: ({ step, stack, resolved, index, setting }) => {
    if (resolved.row.kind !== 'handle') return null
    const glue = step.adhesive === 'cyanoacrylate'
    const strong = resolved.solvent !== null && solventRow(resolved.solvent).fogsGlass === true
    if (!glue && !strong) return null
    const glazed = setting.steps.some(
      (other, i) => i < index && isAct(other) && actRow(other.do, other.family).fitsGlass,
    )
    if (!resolved.row.fitsGlass && !glazed && stack.substrate !== 'clear-styrene') return null
    const what = glue ? 'cyanoacrylate' : solventRow(resolved.solvent ?? 'lacquer-hot').name
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
