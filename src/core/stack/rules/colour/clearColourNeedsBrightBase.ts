import { labOf } from '../../../colour/spectrum'
import { capital } from '../../../model/capital'
import { theFilm } from '../../state/filmName'
import { seenFilms } from '../../state/stack'
import type { Rule } from '../finding'

/** Darker than this takes the glow from a transparent colour, L*. */
const DARK = 50
/** Paler than this a transparent colour is a veil over what lies there: a glaze that is meant to grey it, no candy and no lens, L*. */
const PALE = 80

function isVeil(colour: string | undefined): boolean {
  return colour !== undefined && labOf(colour).l > PALE
}

/** Transparent colour over a dark, dull base: it only darkens. Note. Source: handbook 2.6, 6 (candy, lens). */
export const clearColourNeedsBrightBase: Rule = {
  name: 'clear-colour-needs-bright-base',
  timing: false,
  asksStage: true,
  judge: (context) => {
    const { resolved, stack, index } = context
    if (resolved.row.kind !== 'film' || resolved.role !== 'clear-colour') return null
    if (isVeil(context.step.colour)) return null
    const base = seenFilms(stack).find(
      (film) => film.coverage === 'whole' && film.role !== 'clear' && film.role !== 'release',
    )
    if (!base || base.role === 'metal' || base.role === 'clear-colour') return null
    if (!base.colour || labOf(base.colour).l >= DARK) return null
    return {
      severity: 'note',
      because: `${capital(theFilm(base))} under the transparent colour is dark and has no metal in it: the colour only darkens and doesn’t glow.`,
      on: { film: base.family },
      candidates: () => [
        {
          kind: 'shield',
          say: 'Lay a bright metal under it, then 3 d',
          edit: {
            insert: {
              before: index,
              steps: [
                {
                  do: 'metal',
                  family: 'lacquer',
                  colour: '#C9CBCD',
                  coats: ['mist', 'light', 'light'],
                },
                { wait: '3 d' },
              ],
            },
          },
        },
      ],
    }
  },
}
