import { actRow, laysClear } from '../knowledge/acts'
import { isAct } from '../model/isAct'
import type { Film } from '../stack/state/film'
import { filmName } from '../stack/state/filmName'
import { newestWhole, type Stack } from '../stack/state/stack'
import type { PartSimulation } from './simulatedPart'

/** One line of the look over a finished part: good, or what is still open. */
export type ReviewItem = {
  id: 'seal' | 'wear' | 'open' | 'powder' | 'mask' | 'glass'
  good: boolean
  say: string
}

/** On a piece that is handled so many whole clears make a skin that wears well. Source: handbook 6, final clear. */
const SKIN = 2

/**
 * How a part stands to its use once everything meant is done: what seals it, what lies open, what would come off.
 * Source: handbook 6, finish and handling; N98.
 */
export function finalReview(simulated: PartSimulation): ReviewItem[] {
  const reviews = [...simulated.simulation.stacks.values()].map((stack) =>
    reviewOf(simulated, stack),
  )
  // What is open on any zone is open: of each line the first that isn't good.
  const worst = new Map<ReviewItem['id'], ReviewItem>()
  for (const item of reviews.flat()) {
    const known = worst.get(item.id)
    if (!known || (known.good && !item.good)) worst.set(item.id, item)
  }
  return [...worst.values()]
}

function reviewOf(simulated: PartSimulation, stack: Stack): ReviewItem[] {
  if (stack.films.length === 0) return []
  const handled = simulated.build.use === 'handled'
  const top = newestWhole(stack)
  const sealed = top?.role === 'clear'
  const above = stack.films.slice(top ? stack.films.indexOf(top) + 1 : 0)
  const clears = stack.films.filter((film) => film.role === 'clear' && film.coverage === 'whole')
  const items: (ReviewItem | null)[] = [
    {
      id: 'seal',
      good: sealed || !handled,
      say: sealed && top ? `Sealed with ${filmName(top)}.` : 'No clear seals it.',
    },
    handled
      ? {
          id: 'wear',
          good: clears.length >= SKIN,
          say:
            clears.length >= SKIN
              ? 'Two clears and more bear handling.'
              : 'One clear wears through where it is held: gloss or satin under the matt lasts.',
        }
      : null,
    above.length > 0 ? { id: 'open', good: !handled, say: `Open on top: ${listed(above)}.` } : null,
    above.some((film) => film.loose)
      ? { id: 'powder', good: !handled, say: 'Powders lie loose.' }
      : null,
    stack.masks.length > 0 ? { id: 'mask', good: false, say: 'A mask is still on.' } : null,
    glass(simulated),
  ]
  return items.filter((item): item is ReviewItem => item !== null)
}

/** Glass in the build, and clears sprayed on other parts after it was fitted. */
function glass({ build, part }: PartSimulation): ReviewItem | null {
  if (part.substrate === 'clear-styrene') return null
  const own = build.steps.filter((step) => step.parts.includes(part.id))
  const fitted = own.findIndex((step) => isAct(step) && actRow(step.do, step.family).fitsGlass)
  if (fitted < 0) return null
  const after = own.slice(fitted + 1).some((step) => isAct(step) && laysClear(step))
  return {
    id: 'glass',
    good: !after,
    say: after ? 'Clear comes after the glass: mask it.' : 'Glass goes in last.',
  }
}

function listed(films: readonly Film[]): string {
  return [...new Set(films.map(filmName))].join(', ')
}
