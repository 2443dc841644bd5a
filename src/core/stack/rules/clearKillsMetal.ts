import type { Family } from '../../model/vocabulary'
import { type Film, filmState } from '../film'
import type { Remedy, Rule } from '../finding'
import type { Moment } from '../moment'
import { openFilms } from '../stack'
import { capital, theFilm, theWork } from '../words'

const SHINY: readonly Family[] = ['mirror-metal', 'chrome-ink']

/** Clears that spoil the shine for certain; the others may. Source: handbook 2.6, severities. */
const CERTAIN: readonly Family[] = ['lacquer', 'urethane-2k']

/** Does the sheet of the product say that it may go on this film? Source: handbook 2, "the maker's data sheet wins". */
export function suitsFilm(moment: Moment, film: Film): boolean {
  const suits = moment.step.product?.suits ?? []
  return suits.includes(film.family) || suits.includes(film.role)
}

/** Clear over mirror metal or chrome ink that isn't light acrylic-PU or made for it. Source: handbook 2.6. */
export const clearKillsMetal: Rule = {
  name: 'clear-kills-metal',
  timing: false,
  judge: (moment) => {
    const { work, at, series } = moment
    if (work.row.kind !== 'film' || work.role !== 'clear' || !work.family) return null
    const metal = openFilms(moment.stack).find((film) => SHINY.includes(film.family))
    if (!metal || suitsFilm(moment, metal)) return null
    const light = work.coats.every((coat) => coat === 'mist' || coat === 'light')
    if (work.family === 'acrylic-pu' && light) return null
    return {
      severity: CERTAIN.includes(work.family) ? 'stop' : 'risk',
      because: `${capital(theWork(moment))} dulls ${theFilm(metal)}: only light coats of acrylic-PU, or a clear made for it, leave the shine.`,
      on: { film: metal.family, state: filmState(metal, at, series) },
      ways: () => ways(moment, metal),
    }
  },
}

function ways({ step, index }: Moment, metal: Film): Remedy[] {
  const suits = [...(step.product?.suits ?? []), metal.family]
  return [
    {
      kind: 'bottle',
      say: 'Use acrylic-PU in light coats',
      edit: {
        replace: {
          step: index,
          with: {
            ...step,
            family: 'acrylic-pu',
            solvent: undefined,
            product: undefined,
            gap: undefined,
            tool: 'airbrush',
            coats: ['mist', 'light'],
          },
        },
      },
    },
    {
      kind: 'bottle',
      say: 'Use a clear whose sheet says that it suits this metal',
      edit: { replace: { step: index, with: { ...step, product: { ...step.product, suits } } } },
    },
  ]
}
