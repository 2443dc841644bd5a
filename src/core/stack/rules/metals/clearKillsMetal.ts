import { familyRow } from '../../../knowledge/families'
import { capital } from '../../../model/capital'
import { type Film, filmState } from '../../state/film'
import { theFilm } from '../../state/filmName'
import { openFilms } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import { theWork } from '../../state/words'
import type { Remedy, Rule } from '../finding'

/** Does the sheet of the product say that it may go on this film? Source: handbook 2, "the maker's data sheet wins". */
export function suitsFilm(context: StepContext, film: Film): boolean {
  const suits = context.step.product?.suits ?? []
  return suits.includes(film.family) || suits.includes(film.role)
}

/** Clear over mirror metal or chrome ink that isn't light acrylic-PU or made for it. Source: handbook 2.6. */
export const clearKillsMetal: Rule = {
  name: 'clear-kills-metal',
  timing: false,
  causes: { 'metal-clear': 0 },
  judge: (context) => {
    const { resolved, at, series } = context
    if (resolved.row.kind !== 'film' || resolved.role !== 'clear' || !resolved.family) return null
    const metal = openFilms(context.stack).find(
      (film) => familyRow(film.family).shine !== undefined,
    )
    if (!metal || suitsFilm(context, metal)) return null
    const light = resolved.coats.every((coat) => coat === 'mist' || coat === 'light')
    if (familyRow(resolved.family).sparesShine && light) return null
    return {
      severity: familyRow(resolved.family).bites ? 'stop' : 'risk',
      because: `${capital(theWork(context))} dulls ${theFilm(metal)}: only light coats of acrylic-PU, or a clear made for it, leave the shine.`,
      on: { film: metal.family, state: filmState(metal, at, series) },
      candidates: () => candidates(context, metal),
    }
  },
}

function candidates({ step, index }: StepContext, metal: Film): Remedy[] {
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
