import { RUB_HOUR, RUBS_AN_HOUR } from '../../materials'
import { filmState } from '../film'
import type { Rule } from '../finding'
import type { Moment } from '../moment'
import { newestWhole } from '../stack'
import { changed } from '../ways'
import { capital, theFilm } from '../words'

/** More rubs within an hour than the film under them bears; edges bear half. Risk, edges a note. Source: handbook 2.6. */
export const wearThrough: Rule = {
  name: 'wear-through',
  timing: true,
  judge: (moment) => {
    const { work, stack, at, series } = moment
    if (!work.row.rubs || !work.solvent) return null
    const film = newestWhole(stack)
    if (!film) return null
    const bears = film.role === 'clear' ? RUBS_AN_HOUR.clear : RUBS_AN_HOUR.colour
    const rubs = lately(moment)
    if (rubs <= bears / 2) return null
    const over = rubs > bears
    return {
      severity: over ? 'risk' : 'note',
      because: `${capital(theFilm(film))} bears ${bears} rubs an hour on one place and half of that at edges; this makes ${rubs}.`,
      on: { film: film.family, state: filmState(film, at, series) },
      ways: () => [
        {
          kind: 'tool',
          say: 'Rub less: wet it longer instead',
          edit: {
            replace: {
              step: moment.index,
              with: changed(moment.step, { passes: Math.max(1, Math.floor(bears / 2)) }),
            },
          },
        },
      ],
    }
  },
}

/** Rubs of the last hour, this act's own too. */
function lately({ stack, at, step }: Moment): number {
  const before = stack.rubs
    .filter((rub) => at - rub.at < RUB_HOUR)
    .reduce((sum, rub) => sum + rub.passes, 0)
  return before + (step.passes ?? 1)
}
