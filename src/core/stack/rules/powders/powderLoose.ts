import { actRow } from '../../../knowledge/acts'
import type { ActStep } from '../../../model/sequence'
import type { Stack } from '../../state/stack'
import type { Draft, Remedy, Rule } from '../finding'

const BECAUSE = 'The powders are not fixed, and the piece is handled: they come off on the fingers.'

/** Powders left unfixed on a piece that is handled or played with. Risk. Source: handbook 2.6. */
export const powderLoose: Rule = {
  name: 'powder-loose',
  timing: false,
  asksStage: true,
  judge: ({ resolved, stack, index }) =>
    resolved.row.grips && isLoose(stack) ? draft(index) : null,
  judgeEnd: ({ stack, lastAct, lastStep, use }) =>
    use === 'handled' && isLoose(stack) && !actRow(lastStep.do, lastStep.family).grips
      ? draft(lastAct + 1)
      : null,
}

function isLoose(stack: Stack): boolean {
  return stack.films.some((film) => film.loose)
}

function draft(before: number): Draft {
  return {
    severity: 'risk',
    because: BECAUSE,
    on: { film: 'pigment' },
    candidates: () => FIXERS.map((fixer) => fix(before, fixer)),
  }
}

/** What holds powders, the usual first. Source: handbook 2.1, pigment. */
const FIXERS: readonly { say: string; step: ActStep }[] = [
  { say: 'Fix the powders from the edge', step: { do: 'powder-fix' } },
  { say: 'Fix the powders with alcohol', step: { do: 'powder-fix', solvent: 'alcohol' } },
  { say: 'Fix the powders with water medium', step: { do: 'powder-fix', solvent: 'water' } },
  {
    say: 'Mist a matt clear over the powders',
    step: { do: 'clear', family: 'acrylic-pu', sheen: 'matt', coats: ['mist', 'mist'] },
  },
]

function fix(before: number, { say, step }: (typeof FIXERS)[number]): Remedy {
  return { kind: 'shield', say, edit: { insert: { before, steps: [step, { wait: '1 h' }] } } }
}
