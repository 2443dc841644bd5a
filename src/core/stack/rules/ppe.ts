import { cautionsFor } from '../../safety'
import type { Rule } from '../finding'
import { changed } from '../ways'

/** The usual cautions of a step, gathered in one note; silent once they are confirmed. Source: handbook 9. */
export const ppe: Rule = {
  name: 'ppe',
  timing: false,
  judge: (moment) => {
    const { step, work, index, stack } = moment
    if (step.protection === 'confirmed') return null
    const cautions = cautionsFor({ step, ...work, substrate: stack.substrate })
    if (cautions.length === 0) return null
    return {
      severity: 'note',
      because: cautions.map((caution) => caution.show).join(' '),
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
