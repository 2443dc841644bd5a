import { actRow } from '../../../knowledge/acts'
import { DECAL_FILM_TABLE } from '../../../knowledge/decals'
import { isAct } from '../../../model/isAct'
import type { ActStep } from '../../../model/sequence'
import { changed } from '../../remedies/candidates'
import type { Rule } from '../finding'

/** A strong softener first on a film that is tender: it wrinkles before it settles. Risk. Source: handbook 12.5. */
export const softenerTooStrong: Rule = {
  name: 'softener-too-strong',
  timing: false,
  judge: ({ step, index, targets, setting: { steps } }) => {
    if (!softens(step) || step.softener !== 'strong') return null
    const decal = [...targets].at(-1)
    const laid = decal && steps[decal.step]
    const film = laid && isAct(laid) ? laid.decalFilm : undefined
    if (!decal || !film || !DECAL_FILM_TABLE[film].tender) return null
    const milder = steps
      .slice(decal.step + 1, index)
      .some((one) => isAct(one) && softens(one) && one.softener !== 'strong')
    if (milder) return null
    return {
      severity: 'risk',
      because: `A strong softener comes first to ${DECAL_FILM_TABLE[film].name.toLowerCase()} film: it wrinkles before it lies down, and stays so.`,
      on: { film: 'decal' },
      candidates: () => [
        {
          kind: 'solvent',
          say: 'Begin with a mild softener',
          edit: { replace: { step: index, with: changed(step, { softener: 'mild' }) } },
        },
        {
          kind: 'order',
          say: 'Put a mild softener on before it',
          edit: { insert: { before: index, step: { do: 'decal-soften', softener: 'mild' } } },
        },
      ],
    }
  },
}

function softens({ do: act, family }: ActStep): boolean {
  const { kind, role } = actRow(act, family)
  return kind === 'clean' && role === 'decal'
}
