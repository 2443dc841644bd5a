import { isAct } from '../../model/sequence'
import { filmReaches, filmState, hasReached } from '../film'
import type { Rule } from '../finding'
import type { Moment } from '../moment'
import { openFilms } from '../stack'
import { changed } from '../ways'
import { age, takes } from '../words'

function decalUnder(moment: Moment) {
  return openFilms(moment.stack).find((film) => film.role === 'decal') ?? null
}

/** Clear before the water has left the decal. Risk; follows `recoat-too-early`. Source: handbook 2.6, second table. */
export const decalMoisture: Rule = {
  name: 'decal-moisture',
  timing: true,
  judge: (moment) => {
    const { work, at, series } = moment
    if (work.row.kind !== 'film' || work.role !== 'clear') return null
    const decal = decalUnder(moment)
    if (!decal || hasReached(decal, 'recoat', at, series)) return null
    if (filmReaches(decal, 'recoat', series) === null) return null
    return {
      severity: 'risk',
      because: `Water leaves the decal within ${takes(decal, 'recoat', moment)}; sealed after ${age(decal, moment)} it stays under it and blooms.`,
      on: { film: 'decal', state: filmState(decal, at, series) },
      until: filmReaches(decal, 'recoat', series),
    }
  },
}

/** No inspection recorded before clear over decals, or before polishing them. Note. Source: handbook 2.6, second table. */
export const decalBubbleCheck: Rule = {
  name: 'decal-bubble-check',
  timing: false,
  judge: (moment) => {
    const { work, step, index, stack } = moment
    const clear = work.row.kind === 'film' && work.role === 'clear'
    if (!clear && work.row.kind !== 'level') return null
    const decal = clear ? decalUnder(moment) : stack.films.find((film) => film.role === 'decal')
    if (!decal || step.checked?.includes('bubbles')) return null
    if (!clear && alreadyLooked(moment)) return null
    return {
      severity: 'note',
      because: `Nobody has looked for air under the decals in raking light: ${clear ? 'once under clear' : 'cut open'}, bubbles can only be cut out.`,
      on: { film: 'decal' },
      ways: () => [
        {
          kind: 'coat',
          say: 'They were looked at, and lie flat',
          edit: {
            replace: {
              step: index,
              with: changed(step, { checked: [...(step.checked ?? []), 'bubbles'] }),
            },
          },
        },
      ],
    }
  },
}

/** Was it recorded at an earlier step? */
function alreadyLooked({ setting, index }: Moment): boolean {
  return setting.steps
    .slice(0, index)
    .some((step) => isAct(step) && step.checked?.includes('bubbles'))
}
