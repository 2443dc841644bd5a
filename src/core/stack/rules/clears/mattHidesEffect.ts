import { laysClear } from '../../../knowledge/acts'
import { GLOSS_UNITS } from '../../../knowledge/sheens'
import { isAct } from '../../../model/isAct'
import type { Step } from '../../../model/sequence'
import type { Film } from '../../state/film'
import { lostUnder } from '../../state/lostUnder'
import { seenFilms } from '../../state/stack'
import type { StepContext } from '../../state/stepContext'
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
    if (setting.steps.some((step, i) => i > index && isWholeClear(step))) return null
    const hidden = seenFilms(context.stack).filter(
      (film) => lostUnder(film, resolved.sheen) !== null,
    )
    if (hidden.length === 0) return null
    const told = [...new Set(hidden.reverse().map((film) => lostUnder(film, resolved.sheen)))]
    return {
      severity: 'note',
      because: `The matt goes over ${listed(told.map((one) => one?.what ?? ''))}: ${told[0]?.how}.`,
      on: { film: hidden[0]?.family },
      candidates: () => [afterIt(context, hidden)],
    }
  },
}

function isWholeClear(step: Step): boolean {
  return isAct(step) && laysClear(step) && step.over !== 'patch'
}

function listed(words: readonly string[]): string {
  const last = words.at(-1) ?? ''
  return words.length < 2 ? last : `${words.slice(0, -1).join(', ')} and ${last}`
}

/** The effects are laid after the clear, in the order in which they were. */
function afterIt({ index, setting }: StepContext, hidden: readonly Film[]): Remedy {
  const moved = new Set(hidden.map((film) => film.step))
  const { steps } = setting
  const order = [
    ...steps.filter((_, i) => i <= index && !moved.has(i)),
    ...steps.filter((_, i) => moved.has(i)),
    ...steps.slice(index + 1),
  ]
  return {
    kind: 'order',
    say: hidden.length === 1 ? 'Move it after the matt' : 'Move them after the matt',
    edit: { set: { steps: order } },
  }
}
