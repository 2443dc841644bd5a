import { laysClear } from '../../../knowledge/acts'
import { GLOSS_UNITS } from '../../../knowledge/sheens'
import { isAct } from '../../../model/isAct'
import type { Step } from '../../../model/sequence'
import type { Film } from '../../state/film'
import { lostUnder } from '../../state/lostUnder'
import { seenFilms } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
import { listed } from '../../state/words'
import type { Remedy, Rule } from '../finding'

/** Gloss, wet, graphite or bright-metal effects under the final matt. Note. Source: handbook 2.5, 2.6. */
export const mattHidesEffect: Rule = {
  name: 'matt-hides-effect',
  timing: false,
  looksAhead: ({ resolved }) => resolved.row.role === 'clear',
  judge: (context) => {
    const { resolved, index, setting } = context
    const matt =
      resolved.row.kind === 'film' && resolved.role === 'clear' && resolved.coverage === 'whole'
    if (!matt || GLOSS_UNITS[resolved.sheen] > GLOSS_UNITS.matt) return null
    if (setting.here.some((step, i) => i > index && isWholeClear(step))) return null
    const hidden = seenFilms(context.stack).filter(
      (film) => lostUnder(film, resolved.sheen) !== null,
    )
    if (hidden.length === 0) return null
    const told = [...new Set(hidden.reverse().map((film) => lostUnder(film, resolved.sheen)))]
    return {
      severity: 'note',
      because: `The matt goes over ${listed(told.map((one) => one?.what ?? ''))}: ${told[0]?.how}.`,
      on: { film: hidden[0]?.family },
      candidates: () => [
        afterIt(context, hidden, []),
        afterIt(context, hidden, [NIGHT]),
        satinInstead(context, hidden),
      ],
    }
  },
}

function isWholeClear(step: Step): boolean {
  return isAct(step) && laysClear(step) && step.over !== 'patch'
}

/** A satin clear leaves them more of their gleam: this one, and every matt one that lies on them already. */
function satinInstead({ index, setting }: StepContext, hidden: readonly Film[]): Remedy {
  const first = Math.min(...hidden.map((film) => film.step))
  const steps = setting.steps.map((step, i) =>
    i > first && i <= index && isAct(step) && laysClear(step)
      ? { ...step, sheen: 'satin' as const }
      : step,
  )
  return { kind: 'coat', say: 'Make it satin', edit: { set: { steps } } }
}

const NIGHT: Step = { wait: '24 h' }

/** The effects are laid after the clear, in the order in which they were, each after a pause. */
function afterIt(
  { index, setting }: StepContext,
  hidden: readonly Film[],
  pause: readonly Step[],
): Remedy {
  const moved = new Set(hidden.map((film) => film.step))
  const { steps } = setting
  const order = [
    ...steps.filter((_, i) => i <= index && !moved.has(i)),
    ...steps.flatMap((step, i) => (moved.has(i) ? [...pause, step] : [])),
    ...steps.slice(index + 1),
  ]
  return {
    kind: 'order',
    say: `Move ${hidden.length === 1 ? 'it' : 'them'} after the matt${pause.length > 0 ? ', each after a night' : ''}`,
    edit: { set: { steps: order } },
  }
}
