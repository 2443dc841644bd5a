import { isAct } from '../../../model/isAct'
import { changed } from '../../remedies/candidates'
import { filmReaches, filmState, hasReached } from '../../state/film'
import { openFilms } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import { takes } from '../../state/takes'
import { afterAge } from '../../state/words'
import type { Rule } from '../finding'

function decalUnder(context: StepContext) {
  return openFilms(context.stack).find((film) => film.role === 'decal') ?? null
}

/** Clear before the water has left the decal. Risk; follows `recoat-too-early`. Source: handbook 2.6, second table. */
export const decalMoisture: Rule = {
  name: 'decal-moisture',
  timing: true,
  causes: { unsettled: 4, 'decal-clear': 3 },
  judge: (context) => {
    const { resolved, at, series } = context
    if (resolved.row.kind !== 'film' || resolved.role !== 'clear') return null
    const decal = decalUnder(context)
    if (!decal || hasReached(decal, 'recoat', at, series)) return null
    if (filmReaches(decal, 'recoat', series) === null) return null
    return {
      severity: 'risk',
      because: `Water leaves the decal within ${takes(decal, 'recoat', context)}; sealed ${afterAge(decal, context)} it stays under it and blooms.`,
      on: { film: 'decal', state: filmState(decal, at, series) },
      until: filmReaches(decal, 'recoat', series),
    }
  },
}

/** No inspection recorded before clear over decals, or before polishing them. Note. Source: handbook 2.6, second table. */
export const decalBubbleCheck: Rule = {
  name: 'decal-bubble-check',
  timing: false,
  judge: (context) => {
    const { resolved, step, index, stack } = context
    const clear = resolved.row.kind === 'film' && resolved.role === 'clear'
    if (!clear && resolved.row.kind !== 'level') return null
    const decal = clear ? decalUnder(context) : stack.films.find((film) => film.role === 'decal')
    if (!decal || step.checked?.includes('bubbles')) return null
    if (!clear && alreadyLooked(context)) return null
    return {
      severity: 'note',
      because: `Nobody has looked for air under the decals in raking light: ${clear ? 'once under clear' : 'cut open'}, bubbles can only be cut out.`,
      on: { film: 'decal' },
      candidates: () => [
        {
          kind: 'coat',
          say: 'Checked: no air under the decals',
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
function alreadyLooked({ setting, index }: StepContext): boolean {
  return setting.here
    .slice(0, index)
    .some((step) => isAct(step) && step.checked?.includes('bubbles'))
}
