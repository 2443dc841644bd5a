import { isAct } from '../../../model/isAct'
import type { ActStep } from '../../../model/sequence'
import type { Coat } from '../../../model/vocabulary'
import { filmState } from '../../state/film'
import { newestWhole } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import type { Remedy, Rule } from '../finding'

/** Coats of clear that a levelling needs under it; mist coats count. Source: handbook 2.6. */
const COATS = 3

/** Cutting or polishing fewer than three coats of clear since the last levelling. Risk. Source: handbook 2.6, 6. */
export const clearTooThinToPolish: Rule = {
  name: 'clear-too-thin-to-polish',
  timing: false,
  asksStage: true,
  causes: { 'thin-clear': 0 },
  judge: (context) => {
    const { resolved, stack, at, series } = context
    if (resolved.row.kind !== 'level' || stack.levelled || stack.clearCoats >= COATS) return null
    const film = newestWhole(stack)
    const has = stack.clearCoats === 0 ? 'no clear' : `only ${stack.clearCoats} of clear`
    return {
      severity: 'risk',
      because: `Levelling takes ${COATS} coats of clear or more: here lies ${has}, and the colour shows through at the edges.`,
      on: film
        ? { film: film.family, state: filmState(film, at, series) }
        : { substrate: stack.substrate },
      candidates: () => [...moreCoats(context), clearFirst(context)],
    }
  },
}

/** The newest clear laid with as many coats as are missing. */
function moreCoats({ stack, setting }: StepContext): Remedy[] {
  const clear = stack.films.findLast((film) => film.role === 'clear')
  const step = clear && setting.steps[clear.step]
  if (!clear || !step || !isAct(step)) return []
  const missing = COATS - stack.clearCoats
  // As the step says them: what a sponge lays counts as mist, and isn't meant so.
  const own = step.coats ?? (['light'] as const)
  const coats: Coat[] = [...own, ...Array<Coat>(missing).fill('light')]
  return [
    {
      kind: 'coat',
      say: `Lay ${coats.length} coats of it`,
      edit: { replace: { step: clear.step, with: { ...step, coats } } },
    },
  ]
}

function clearFirst({ index }: StepContext): Remedy {
  const clear: ActStep = {
    do: 'clear',
    family: 'lacquer',
    sheen: 'gloss',
    coats: ['mist', 'light', 'light'],
  }
  return {
    kind: 'shield',
    say: 'Lay three coats of gloss lacquer clear first, then 4 d',
    edit: { insert: { before: index, steps: [clear, { wait: '4 d' }] } },
  }
}
