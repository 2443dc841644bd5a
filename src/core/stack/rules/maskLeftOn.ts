import { type ActStep, isAct } from '../../model/sequence'
import type { Act } from '../../model/vocabulary'
import type { Draft, Remedy, Rule } from '../finding'
import type { Moment } from '../moment'
import type { Mask, Stack } from '../stack'

/** The act that takes each mask off. */
const TAKES_OFF = { tape: 'untape', latex: 'unlatex', salt: 'unsalt' } as const

function offAct(mask: Mask): Act | null {
  return TAKES_OFF[mask.act as keyof typeof TAKES_OFF] ?? null
}

function comesOffLater(moment: Moment, mask: Mask): boolean {
  const act = offAct(mask)
  return moment.setting.steps.some((step, i) => i > moment.index && isAct(step) && step.do === act)
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
  judge: (moment) => {
    const { work, stack, index } = moment
    const seals = work.row.kind === 'film' && (work.role === 'clear' || work.row.weathering)
    if (!seals) return null
    const mask = stack.masks.find((one) => !comesOffLater(moment, one) && !isSealed(stack, one))
    if (!mask) return null
    const drafted: Draft = {
      severity: 'stop',
      because: `${theMask(mask)} is still on and never comes off: this seals it in.`,
      on: { mask: mask.act },
      ways: () => [
        ...takeOff(stack.masks, index),
        ...takeOff(stack.masks, moment.setting.steps.length, 'Take it off at the end of the work'),
      ],
    }
    return drafted
  },
  judgeEnd: ({ stack, lastAct }) => {
    const mask = stack.masks.find((one) => !isSealed(stack, one))
    if (!mask) return null
    return {
      severity: 'risk',
      because: `${theMask(mask)} is still on at the end of the work.`,
      on: { mask: mask.act },
      ways: () => takeOff(stack.masks, lastAct + 1),
    }
  },
}
