import { actRow } from '../../../knowledge/acts'
import { isAct } from '../../../model/isAct'
import type { ActStep, Step } from '../../../model/sequence'
import { sheetMask } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import type { Rule } from '../finding'

/** Parts that a step of a build is for; none where a sequence stands by itself. */
function partsOf(step: Step): readonly string[] {
  const { parts } = step as { parts?: unknown }
  return Array.isArray(parts) ? (parts as string[]) : []
}

/** The joint before this step that holds a part which isn't sprayed with it; −1: none does. */
function jointBefore({ step, index, setting }: StepContext): number {
  const own = new Set(partsOf(step))
  if (own.size === 0) return -1
  return setting.steps.findIndex(
    (other, i) =>
      i < index &&
      isAct(other) &&
      actRow(other.do, other.family).joins === true &&
      partsOf(other).some((part) => !own.has(part)),
  )
}

const sprays = ({ resolved }: StepContext) =>
  resolved.row.kind === 'film' && (resolved.tool === 'airbrush' || resolved.tool === 'spray-can')

/** One part sprayed by itself that is joined to another by then, with nothing masked. Risk. Source: handbook 7.1. */
export const joinedAlready: Rule = {
  name: 'joined-already',
  timing: false,
  judge: (context) => {
    if (!sprays(context) || sheetMask(context.stack)) return null
    const joint = jointBefore(context)
    if (joint < 0) return null
    const join = context.setting.steps[joint] as ActStep
    return {
      severity: 'risk',
      because: `It is joined to another part by then (${actRow(join.do, join.family).name.toLowerCase()}): what is sprayed on the one reaches the other.`,
      on: { substrate: context.stack.substrate },
      candidates: () => [
        {
          kind: 'order',
          say: 'Do it before they are joined',
          edit: { move: { step: context.index, before: joint } },
        },
        {
          kind: 'order',
          say: 'Tape the other part off first',
          edit: { insert: { before: context.index, step: { do: 'tape' } } },
        },
      ],
    }
  },
}
