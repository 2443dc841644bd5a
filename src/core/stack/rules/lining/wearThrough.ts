import { RUB_HOUR, RUBS_AN_HOUR } from '../../../knowledge/limits'
import { capital } from '../../../model/capital'
import { changed } from '../../remedies/candidates'
import { filmState } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { newestWhole } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import type { Rule } from '../finding'

/** More rubs within an hour than the film under them bears; edges bear half. Risk, edges a note. Source: handbook 2.6. */
export const wearThrough: Rule = {
  name: 'wear-through',
  timing: true,
  judge: (context) => {
    const { resolved, stack, at, series } = context
    if (!resolved.row.rubs || !resolved.solvent) return null
    const film = newestWhole(stack)
    if (!film) return null
    const bears = film.role === 'clear' ? RUBS_AN_HOUR.clear : RUBS_AN_HOUR.colour
    const rubs = lately(context)
    if (rubs <= bears / 2) return null
    const over = rubs > bears
    return {
      severity: over ? 'risk' : 'note',
      because: `${capital(theFilm(film))} bears ${bears} rubs an hour on one place and half of that at edges; this makes ${rubs}.`,
      on: { film: film.family, state: filmState(film, at, series) },
      candidates: () => [
        {
          kind: 'tool',
          say: 'Rub less: wet it longer instead',
          edit: {
            replace: {
              step: context.index,
              with: changed(context.step, { passes: Math.max(1, Math.floor(bears / 2)) }),
            },
          },
        },
      ],
    }
  },
}

/** Rubs of the last hour, this act's own too. */
function lately({ stack, at, step }: StepContext): number {
  const before = stack.rubs
    .filter((rub) => at - rub.at < RUB_HOUR)
    .reduce((sum, rub) => sum + rub.passes, 0)
  return before + (step.passes ?? 1)
}
