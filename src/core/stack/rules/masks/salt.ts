import { actRow } from '../../../knowledge/acts'
import { SALT_DRY } from '../../../knowledge/limits'
import { sayDuration } from '../../../model/duration'
import { changed } from '../../remedies/candidates'
import { EPSILON } from '../../state/film'
import type { Rule } from '../finding'

/** Colour over salt that is still wet: it dissolves and creeps. Risk. Source: handbook 2.6, second table; 3.1. */
export const saltNotDry: Rule = {
  name: 'salt-not-dry',
  timing: true,
  judge: ({ resolved, stack, at }) => {
    if (resolved.row.kind !== 'film') return null
    const salt = stack.masks.findLast((mask) => actRow(mask.act, undefined).mask === 'grain')
    if (!salt || at >= salt.at + SALT_DRY - EPSILON) return null
    return {
      severity: 'risk',
      because: `Salt is dry ${sayDuration(SALT_DRY)} after it was placed, and it has had ${sayDuration(at - salt.at)}: wet salt dissolves under the paint.`,
      on: { mask: 'salt' },
    }
  },
}

/** Clear or wash over what the rinse left, unless the frost is wanted. Note. Source: handbook 2.6, second table. */
export const saltResidue: Rule = {
  name: 'salt-residue',
  timing: false,
  judge: ({ resolved, stack, step, index }) => {
    if (resolved.row.kind !== 'film' || !stack.salty) return null
    if (resolved.role !== 'clear' && !resolved.row.weathering) return null
    if (step.wanted?.includes('salt-frost')) return null
    return {
      severity: 'note',
      because: 'Salt leaves a frost behind when it is brushed off, and this seals it in.',
      on: { mask: 'salt' },
      candidates: () => [
        {
          kind: 'order',
          say: 'Rinse it with clean warm water first',
          edit: { insert: { before: index, steps: [{ do: 'wash' }, { wait: '1 h' }] } },
        },
        {
          kind: 'coat',
          say: 'Keep the frost: it is wanted',
          edit: {
            replace: {
              step: index,
              with: changed(step, { wanted: [...(step.wanted ?? []), 'salt-frost'] }),
            },
          },
        },
      ],
    }
  },
}
