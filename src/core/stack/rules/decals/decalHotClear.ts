import { familyRow } from '../../../knowledge/families'
import { lighterCoatCandidates } from '../../remedies/candidates'
import { filmState } from '../../state/film'
import { openFilms } from '../../state/stack'
import { theWork } from '../../state/words'
import type { Rule } from '../finding'

/** A wet lacquer or two-part coat over decals without mist coats first. Source: handbook 2.6, 6. */
export const decalHotClear: Rule = {
  name: 'decal-hot-clear',
  timing: false,
  causes: { 'decal-clear': 0 },
  judge: (context) => {
    const { resolved, at, series } = context
    if (resolved.row.kind !== 'film' || !resolved.family || !familyRow(resolved.family).bites)
      return null
    const decal = openFilms(context.stack).find((film) => film.role === 'decal')
    const wet = resolved.coats.findIndex((coat) => coat === 'wet' || coat === 'flood')
    if (!decal || wet < 0 || resolved.coats.slice(0, wet).includes('mist')) return null
    return {
      severity: 'risk',
      because: `A wet coat of ${theWork(context)} comes to the decals before any mist coat: they wrinkle or dissolve.`,
      on: { film: 'decal', state: filmState(decal, at, series) },
      candidates: () => lighterCoatCandidates(context),
    }
  },
}
