import type { ActStep } from '../../model/sequence'
import type { Substrate } from '../../model/vocabulary'
import { cautionsFor } from '../../safety'
import type { Rule } from '../finding'
import { changed } from '../ways'
import type { Work } from '../work'

const known = new WeakMap<Work, { substrate: Substrate; because: string }>()

/** What is shown for a step; the same work is asked once. */
function cautionsOf(step: ActStep, work: Work, substrate: Substrate): string {
  const before = known.get(work)
  if (before?.substrate === substrate) return before.because
  const because = cautionsFor({ step, ...work, substrate })
    .map((caution) => caution.show)
    .join(' ')
  known.set(work, { substrate, because })
  return because
}

/** The usual cautions of a step, gathered in one note; silent once they are confirmed. Source: handbook 9. */
export const ppe: Rule = {
  name: 'ppe',
  timing: false,
  judge: (moment) => {
    const { step, work, index, stack } = moment
    if (step.protection === 'confirmed') return null
    const because = cautionsOf(step, work, stack.substrate)
    if (because === '') return null
    return {
      severity: 'note',
      because,
      on: work.family ? { film: work.family } : { substrate: stack.substrate },
      certain: true,
      ways: () => [
        {
          kind: 'order',
          say: 'Confirm that the protection is at hand',
          edit: { replace: { step: index, with: changed(step, { protection: 'confirmed' }) } },
        },
      ],
    }
  },
}
