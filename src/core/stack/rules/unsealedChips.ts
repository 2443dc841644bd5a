import type { Act, Solvent } from '../../model/vocabulary'
import { filmState } from '../film'
import type { Rule } from '../finding'
import { shieldWays } from '../ways'

const TOUCHES: readonly Act[] = ['tape', 'assemble', 'handle', 'wash', 'salt']
const WET: readonly Solvent[] = ['water', 'alcohol']

/** Water, tape, assembly or handling on a face chipped over release and not yet sealed. Risk. Source: handbook 2.6. */
export const unsealedChips: Rule = {
  name: 'unsealed-chips',
  timing: false,
  judge: (moment) => {
    const { step, work, stack, at, series } = moment
    if (stack.chippedAt === null || step.do === 'chip-wet') return null
    const sprayed = work.coverage === 'whole' && work.row.kind === 'film'
    const wet =
      !sprayed && work.row.weathering && work.solvent !== null && WET.includes(work.solvent)
    if (!wet && !TOUCHES.includes(step.do)) return null
    const top = stack.films.at(-1)
    return {
      severity: 'risk',
      because: `The chips are not sealed: ${wet ? 'water gets under their edges and opens more' : 'they lift under tape and fingers'}.`,
      on: top ? { film: top.family, state: filmState(top, at, series) } : {},
      ways: () =>
        shieldWays({ ...moment, work: { ...work, solvent: work.solvent ?? 'spirit-mild' } }),
    }
  },
}
