import { familyRow } from '../../../knowledge/families'
import { changed } from '../../remedies/candidates'
import { filmState } from '../../state/film'
import { openFilms } from '../../state/stack'
import type { Rule } from '../finding'

/** A wet clear or fixer over powders: expect darker and fewer. Source: handbook 2.6. */
export const clearEatsPowder: Rule = {
  name: 'clear-eats-powder',
  timing: false,
  judge: (context) => {
    const { resolved, at, series, step, index } = context
    if (resolved.row.kind !== 'film' || resolved.role !== 'clear') return null
    const powder = openFilms(context.stack).find((film) => familyRow(film.family).powder)
    if (!powder || resolved.coats.every((coat) => coat === 'mist')) return null
    return {
      severity: 'note',
      because: 'Clear wets the powders: expect them darker and fewer, and build them up more.',
      on: { film: 'pigment', state: filmState(powder, at, series) },
      candidates: () => [
        {
          kind: 'coat',
          say: 'Lay the clear in mist coats',
          edit: {
            replace: {
              step: index,
              with: changed(step, { coats: ['mist', 'mist', 'mist'], tool: 'airbrush' }),
            },
          },
        },
      ],
    }
  },
}
