import { sayDuration } from '../../../model/duration'
import { changed } from '../../remedies/candidates'
import { EPSILON } from '../../state/film'
import type { Rule } from '../finding'

/** Colour over salt that is still wet: it dissolves and creeps. Risk; a note while it may be. Source: handbook 2.6, second table; 3.1. */
export const saltNotDry: Rule = {
  name: 'salt-not-dry',
  timing: true,
  worthWaiting: true,
  judge: ({ resolved, stack, at }) => {
    if (resolved.row.kind !== 'film') return null
    const salt = stack.masks.findLast(({ dries }) => dries !== undefined)
    const dries = salt?.dries
    if (!salt || !dries || at >= salt.at + dries.to - EPSILON) return null
    // Grains on tacky release have hardly any water in them: painted over at once they only lie softer.
    const sure = at < salt.at + dries.from - EPSILON && dries.wet
    const had = sayDuration(at - salt.at)
    return {
      severity: sure ? 'risk' : 'note',
      because: sure
        ? `Salt is dry ${sayDuration(dries.from)} after it was placed, and it has had ${had}: wet salt dissolves under the paint.`
        : `Salt takes up to ${sayDuration(dries.to)} to dry, and it has had ${had}: a light coat over it, or wait.`,
      on: { mask: 'salt' },
      until: salt.at + dries.to,
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
