import type { ClimateSeries } from '../../../drying/series'
import { actRow } from '../../../knowledge/acts'
import { TAPE_OFF } from '../../../knowledge/limits'
import { writeDuration } from '../../../model/duration'
import { isAct } from '../../../model/isAct'
import type { Step } from '../../../model/sequence'
import type { Act } from '../../../model/vocabulary'
import { filmReaches } from '../../state/film'
import { filmOver, type Mask, type Stack } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import type { Draft, Remedy, Rule } from '../finding'

/** The act that takes each mask off. */
const TAKES_OFF = { tape: 'untape', latex: 'unlatex', salt: 'unsalt' } as const

function offAct(mask: Mask): Act | null {
  return TAKES_OFF[mask.act as keyof typeof TAKES_OFF] ?? null
}

function comesOffLater(context: StepContext, mask: Mask): boolean {
  const act = offAct(mask)
  return context.setting.here.some((step, i) => i > context.index && isAct(step) && step.do === act)
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

/** Take every mask off that is still on, in one edit; grains and latex once the paint over them is dry. */
function takeOff(
  masks: readonly Mask[],
  before: number,
  wait: number,
  say = 'Take it off first',
): Remedy[] {
  const acts = [...new Set(masks.map(offAct).filter((act): act is Act => act !== null))]
  if (acts.length === 0) return []
  const off = acts.map((act): Step => ({ do: act }))
  const steps = wait > 0 ? [{ wait: writeDuration(wait) }, ...off] : off
  return [{ kind: 'order', say, edit: { insert: { before, steps } } }]
}

/** Minutes from when the paint over the masks was laid, until it bears their being taken off. */
function untilDry(stack: Stack, series: ClimateSeries): number {
  const waits = stack.masks.map((mask) => {
    const film = filmOver(stack, mask)
    const sheet = actRow(mask.act, undefined).mask === 'sheet'
    const dry = film && (sheet ? film.end + TAPE_OFF : filmReaches(film, 'touch', series))
    return film && dry ? dry - film.end : 0
  })
  return Math.max(0, ...waits)
}

/** At the end of the work nobody knows yet what is wet: so long for all of it, minutes. */
const ONCE_DRY = 60

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
        ...takeOff(stack.masks, index, untilDry(stack, context.series)),
        ...takeOff(
          stack.masks,
          context.setting.steps.length,
          ONCE_DRY,
          'Take it off at the end of the work',
        ),
      ],
    }
    return drafted
  },
  judgeEnd: ({ stack, lastAct, series }) => {
    const mask = stack.masks.find((mask) => !isSealed(stack, mask))
    if (!mask) return null
    return {
      severity: 'risk',
      because: `${theMask(mask)} is still on at the end of the work.`,
      on: { mask: mask.act },
      candidates: () => takeOff(stack.masks, lastAct + 1, untilDry(stack, series)),
    }
  },
}
