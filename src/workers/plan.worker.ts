import { expose } from 'comlink'
import { outcomeOf, supposed } from '@/core/schedule'
import { planBench } from '@/core/schedule/planBench'
import { sessionOptions } from '@/core/schedule/sessionOptions'
import type { Planner } from './planMessages'

/** Steps of the search on a whole bench: a second or two. */
const WHOLE = 30_000
/** Steps of the first answer after something changed. */
const QUICK = 4000
/** Steps of the search for a question. */
const QUESTION = 12_000

const planner: Planner = {
  plan: (project, now, before, how, evening) =>
    how === 'quick'
      ? planBench(project, now, { steps: QUICK, before, polish: false, first: true })
      : planBench(project, now, { steps: WHOLE, before, evening }),
  whatIf: (project, now, question, before) => {
    const { project: other, options } = supposed(project, question)
    return outcomeOf(planBench(other, now, { steps: QUESTION, before, ...options }))
  },
  places: sessionOptions,
}

expose(planner)
