import { filmState } from '../film'
import type { Rule } from '../finding'
import { openFilms } from '../stack'
import { changed } from '../ways'

/** A wet clear or fixer over powders: expect darker and fewer. Source: handbook 2.6. */
export const clearEatsPowder: Rule = {
  name: 'clear-eats-powder',
  timing: false,
  judge: (moment) => {
    const { work, at, series, step, index } = moment
    if (work.row.kind !== 'film' || work.role !== 'clear') return null
    const powder = openFilms(moment.stack).find((film) => film.family === 'pigment')
    if (!powder || work.coats.every((coat) => coat === 'mist')) return null
    return {
      severity: 'note',
      because: 'Clear wets the powders: expect them darker and fewer, and build them up more.',
      on: { film: 'pigment', state: filmState(powder, at, series) },
      ways: () => [
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
