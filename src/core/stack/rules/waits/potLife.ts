import { familyRow } from '../../../knowledge/families'
import { POT_LIFE } from '../../../knowledge/limits'
import { minutesOf, sayDuration } from '../../../model/duration'
import { changed } from '../../remedies/candidates'
import { coatEnds } from '../../state/coatTimes'
import { EPSILON } from '../../state/film'
import type { Rule } from '../finding'

/** A two-part mix still sprayed after its pot life, counted from the first coat. Stop. Source: handbook 2.6, 3.4. */
export const potLife: Rule = {
  name: 'pot-life',
  timing: false,
  judge: (context) => {
    const { resolved, step, climate, index } = context
    const { family } = resolved
    if (resolved.row.kind !== 'film' || !family || !familyRow(family).twoPart) return null
    const life = step.product?.potLife ? minutesOf(step.product.potLife) : POT_LIFE
    const ends = coatEnds(step, resolved, climate)
    const last = ends.at(-1) ?? 0
    if (last <= life + EPSILON) return null
    const split = ends.findIndex((end) => end > life + EPSILON)
    const first = changed(step, { coats: resolved.coats.slice(0, Math.max(1, split)) })
    const second = changed(step, { coats: resolved.coats.slice(Math.max(1, split)) })
    return {
      severity: 'stop',
      because: `The last coat comes ${sayDuration(last)} after the mix was made; it can be sprayed for ${sayDuration(life)}.`,
      on: { film: family },
      candidates: () => [
        {
          kind: 'coat' as const,
          say: 'Keep only the flash time between the coats',
          edit: { replace: { step: index, with: changed(step, { gap: undefined }) } },
        },
        {
          kind: 'shield' as const,
          say: 'Mix again for the coats that come later',
          edit: {
            set: {
              steps: [
                ...context.setting.steps.slice(0, index),
                first,
                ...(second.coats?.length ? [second] : []),
                ...context.setting.steps.slice(index + 1),
              ],
            },
          },
        },
      ],
    }
  },
}
