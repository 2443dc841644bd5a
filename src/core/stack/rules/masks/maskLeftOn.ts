import { isAct } from '../../../model/isAct'
import type { ActStep } from '../../../model/sequence'
import type { Act } from '../../../model/vocabulary'
import type { Mask, Stack } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import type { Draft, Remedy, Rule } from '../finding'

/** The act that takes each mask off. */
const TAKES_OFF = { tape: 'untape', latex: 'unlatex', salt: 'unsalt' } as const

function offAct(mask: Mask): Act | null {
  return TAKES_OFF[mask.act as keyof typeof TAKES_OFF] ?? null
}

function comesOffLater(context: StepContext, mask: Mask): boolean {
  const act = offAct(mask)
  return context.setting.steps.some(
    (step, i) => i > context.index && isAct(step) && step.do === act,
  )
}

/** Did a clear or weathering seal it in already? That has been told where it happened. */
function isSealed(stack: Stack, mask: Mask): boolean {
  return stack.films.some(
    (film) => film.step > mask.step && (film.role === 'clear' || film.weathering),
  )
}

const MASK_WORDS = { tape: 'The tape', latex: 'The latex', salt: 'The salt' } as const

function theMask(mask: Mask): string {
  return MASK_WORDS[mask.act as keyof typeof MASK_WORDS] ?? 'The mask'
}

/** Take every mask off that is still on, in one edit. */
function takeOff(masks: readonly Mask[], before: number, say = 'Take it off first'): Remedy[] {
  const acts = [...new Set(masks.map(offAct).filter((act): act is Act => act !== null))]
  if (acts.length === 0) return []
  const steps = acts.map((act): ActStep => ({ do: act }))
  return [{ kind: 'order', say, edit: { insert: { before, steps } } }]
}

/** Clear or weathering over a mask that never comes off; a mask still on at the end of the work. Source: handbook 2.6. */
export const maskLeftOn: Rule = {
  name: 'mask-left-on',
  timing: false,
  looksAhead: ({ stack }) => stack.masks.length > 0,
  judge: (context) => {
    const { resolved, stack, index } = context
    const seals =
      resolved.row.kind === 'film' && (resolved.role === 'clear' || resolved.row.weathering)
    if (!seals) return null
    const mask = stack.masks.find((mask) => !comesOffLater(context, mask) && !isSealed(stack, mask))
    if (!mask) return null
    const drafted: Draft = {
      severity: 'stop',
      because: `${theMask(mask)} is still on and never comes off: this seals it in.`,
      on: { mask: mask.act },
      candidates: () => [
        ...takeOff(stack.masks, index),
        ...takeOff(stack.masks, context.setting.steps.length, 'Take it off at the end of the work'),
      ],
    }
    return drafted
  },
  judgeEnd: ({ stack, lastAct }) => {
    const mask = stack.masks.find((mask) => !isSealed(stack, mask))
    if (!mask) return null
    return {
      severity: 'risk',
      because: `${theMask(mask)} is still on at the end of the work.`,
      on: { mask: mask.act },
      candidates: () => takeOff(stack.masks, lastAct + 1),
    }
  },
}
