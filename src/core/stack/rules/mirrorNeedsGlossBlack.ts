import { labOf } from '../../colour'
import type { ActStep } from '../../model/sequence'
import { type Film, filmState, hasReached } from '../film'
import type { Draft, Remedy, Rule } from '../finding'
import type { Moment } from '../moment'
import { newestWhole, seenFilms } from '../stack'
import { age, capital, takes, theFilm } from '../words'

/** Darker than this is black enough to mirror, L*. Source: handbook 5.1, black. */
const BLACK = 25

const BASE: ActStep = {
  do: 'base',
  family: 'lacquer',
  sheen: 'gloss',
  colour: '#0B0B0C',
  coats: ['mist', 'light', 'wet'],
}

/** Mirror metal over anything but gloss black that bears tape. Risk; not yet cured a note. Source: handbook 2.6, 6. */
export const mirrorNeedsGlossBlack: Rule = {
  name: 'mirror-needs-gloss-black',
  timing: true,
  judge: (moment) => {
    const { work, stack } = moment
    if (work.row.kind !== 'film' || work.family !== 'mirror-metal') return null
    const top = newestWhole(stack)
    if (top?.family === 'mirror-metal') return null
    return ground(moment, top) ?? hardness(moment, top)
  },
}

/** What is wrong with how the ground looks. */
function ground(moment: Moment, top: Film | null): Draft | null {
  const { stack, index } = moment
  const ways = (): Remedy[] => [
    {
      kind: 'shield',
      say: 'Lay gloss black lacquer first, then 4 d',
      edit: { insert: { before: index, steps: [BASE, { wait: '4 d' }] } },
    },
  ]
  if (!top || stack.sheen !== 'gloss')
    return {
      severity: 'risk',
      because: `Mirror metal shows what is under it: it wants gloss black, and here it meets ${top ? `${stack.sheen} ${theFilm(top).slice(4)}` : 'the bare part'}.`,
      on: top ? { film: top.family } : { substrate: stack.substrate },
      ways,
    }
  const colour = seenFilms(stack).find((film) => film.coverage === 'whole' && film.colour)?.colour
  if (colour && labOf(colour).l < BLACK) return null
  return {
    severity: colour ? 'risk' : 'note',
    because: colour
      ? `Mirror metal wants gloss black under it; ${theFilm(top)} shows ${colour}.`
      : `Mirror metal wants gloss black under it, and ${theFilm(top)} doesn’t say its colour.`,
    on: { film: top.family },
    ways,
  }
}

function hardness(moment: Moment, top: Film | null): Draft | null {
  const { at, series } = moment
  if (!top || hasReached(top, 'cured', at, series)) return null
  const hard = hasReached(top, 'tape', at, series)
  const point = hard ? 'cured' : 'tape'
  return {
    severity: hard ? 'note' : 'risk',
    because: `${capital(theFilm(top))} ${hard ? 'is cured' : 'is hard enough for mirror metal'} after ${takes(top, point, moment)}; it has had ${age(top, moment)}.`,
    on: { film: top.family, state: filmState(top, at, series) },
  }
}
