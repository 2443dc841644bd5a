import { solventRow } from '../../../knowledge/solvents'
import { shieldCandidates } from '../../remedies/candidates'
import { filmState } from '../../state/film'
import type { Rule } from '../finding'

/** Water, tape, assembly or handling on a face chipped over release and not yet sealed. Risk. Source: handbook 2.6. */
export const unsealedChips: Rule = {
  name: 'unsealed-chips',
  timing: false,
  causes: { 'open-chips': 0, tape: 1 },
  judge: (context) => {
    const { resolved, stack, at, series } = context
    if (stack.chippedAt === null || resolved.row.kind === 'open') return null
    // The rinse belongs to brushing salt off.
    if (stack.salty && resolved.row.cleansFace) return null
    const sprayed = resolved.coverage === 'whole' && resolved.row.kind === 'film'
    const wet =
      !sprayed &&
      resolved.row.weathering &&
      resolved.solvent !== null &&
      solventRow(resolved.solvent).opensChips === true
    if (!wet && !resolved.row.liftsChips) return null
    const top = stack.films.at(-1)
    return {
      severity: 'risk',
      because: `The chips are not sealed: ${wet ? 'water gets under their edges and opens more' : 'they lift under tape and fingers'}.`,
      on: top ? { film: top.family, state: filmState(top, at, series) } : {},
      candidates: () =>
        shieldCandidates({
          ...context,
          resolved: { ...resolved, solvent: resolved.solvent ?? 'spirit-mild' },
        }),
    }
  },
}
