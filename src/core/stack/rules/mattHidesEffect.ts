import { GLOSS_UNITS } from '../../materials'
import { isAct, type Step } from '../../model/sequence'
import type { Film } from '../film'
import type { Remedy, Rule } from '../finding'
import { lostUnder } from '../lastCoat'
import type { Moment } from '../moment'
import { seenFilms } from '../stack'

/** Gloss, wet, graphite or bright-metal effects under the final matt. Note. Source: handbook 2.5, 2.6. */
export const mattHidesEffect: Rule = {
  name: 'matt-hides-effect',
  timing: false,
  looksAhead: ({ step }) => step.do === 'clear',
  judge: (moment) => {
    const { work, index, setting } = moment
    const matt = work.row.kind === 'film' && work.role === 'clear' && work.coverage === 'whole'
    if (!matt || GLOSS_UNITS[work.sheen] > GLOSS_UNITS.matt) return null
    if (setting.steps.some((step, i) => i > index && isWholeClear(step))) return null
    const hidden = seenFilms(moment.stack).filter((film) => lostUnder(film, work.sheen) !== null)
    if (hidden.length === 0) return null
    const told = [...new Set(hidden.reverse().map((film) => lostUnder(film, work.sheen)))]
    return {
      severity: 'note',
      because: `The matt goes over ${listed(told.map((one) => one?.what ?? ''))}: ${told[0]?.how}.`,
      on: { film: hidden[0]?.family },
      ways: () => [afterIt(moment, hidden)],
    }
  },
}

function isWholeClear(step: Step): boolean {
  return isAct(step) && step.do === 'clear' && step.over !== 'patch'
}

function listed(words: readonly string[]): string {
  const last = words.at(-1) ?? ''
  return words.length < 2 ? last : `${words.slice(0, -1).join(', ')} and ${last}`
}

/** The effects are laid after the clear, in the order in which they were. */
function afterIt({ index, setting }: Moment, hidden: readonly Film[]): Remedy {
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
