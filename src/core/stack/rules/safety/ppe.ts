import { cautionsFor } from '../../../knowledge/cautions'
import type { ActStep } from '../../../model/sequence'
import type { Substrate } from '../../../model/vocabulary'
import { changed } from '../../remedies/candidates'
import type { ResolvedStep } from '../../state/resolvedStep'
import type { Rule } from '../finding'

const known = new WeakMap<ResolvedStep, { substrate: Substrate; because: string }>()

/** What is shown for a step; the same work is asked once. */
function cautionsOf(step: ActStep, resolved: ResolvedStep, substrate: Substrate): string {
  const before = known.get(resolved)
  if (before?.substrate === substrate) return before.because
  const because = cautionsFor({ step, ...resolved, substrate })
    .map((caution) => caution.show)
    .join(' ')
  known.set(resolved, { substrate, because })
  return because
}

/** The usual cautions of a step, gathered in one note; silent once they are confirmed. Source: handbook 9. */
export const ppe: Rule = {
  name: 'ppe',
  timing: false,
  subject: 'caution',
  judge: (context) => {
    const { step, resolved, index, stack } = context
    if (step.protection === 'confirmed') return null
    const because = cautionsOf(step, resolved, stack.substrate)
    if (because === '') return null
    return {
      severity: 'note',
      because,
      on: resolved.family ? { film: resolved.family } : { substrate: stack.substrate },
      certain: true,
      candidates: () => [
        {
          kind: 'order',
          say: 'Confirm that the protection is at hand',
          edit: { replace: { step: index, with: changed(step, { protection: 'confirmed' }) } },
        },
      ],
    }
  },
}
