import type { Act, Solvent } from '../../../model/vocabulary'
import { shieldCandidates } from '../../remedies/candidates'
import { filmState } from '../../state/film'
import type { Rule } from '../finding'

const TOUCHES: readonly Act[] = ['tape', 'assemble', 'handle', 'wash', 'salt']
const WET: readonly Solvent[] = ['water', 'alcohol']

/** Water, tape, assembly or handling on a face chipped over release and not yet sealed. Risk. Source: handbook 2.6. */
export const unsealedChips: Rule = {
  name: 'unsealed-chips',
  timing: false,
  causes: { 'open-chips': 0, tape: 1 },
  judge: (context) => {
    const { step, resolved, stack, at, series } = context
    if (stack.chippedAt === null || step.do === 'chip-wet') return null
    const sprayed = resolved.coverage === 'whole' && resolved.row.kind === 'film'
    const wet =
      !sprayed &&
      resolved.row.weathering &&
      resolved.solvent !== null &&
      WET.includes(resolved.solvent)
    if (!wet && !TOUCHES.includes(step.do)) return null
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
