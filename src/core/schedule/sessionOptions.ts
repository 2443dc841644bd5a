import type { Session } from '../bench/calendar'
import { type BenchState, stateOf } from '../builds/benchState'
import { key, stepOf } from '../model/stepRef'
import { type BenchPlan, planBench, type RunningPlan } from './planBench'
import { outcomeOf, type PlanOutcome, supposed } from './whatIf'

/** A session that an act could be put into, and what everything would come to then. Source: handbook 7.2, 7.4. */
export type SessionOption = {
  session: Session
  /** null: it can't go there, every window kept. */
  outcome: PlanOutcome | null
}

/** Sessions ahead that are looked into. */
const MOST_OPTIONS = 14
/** Steps of the search for one of them. */
const STEPS = 2500

/**
 * Where an act may go: every session ahead, with the finish it leads to; nowhere, where it isn't planned.
 *
 * @param id build, part and step, as `build/part/step`
 * @param only when the one session begins that is asked about; left out: all are
 */
export function sessionOptions(
  state: BenchState,
  now: number,
  plan: Pick<BenchPlan, 'tasks' | 'sessions' | 'lost'> & RunningPlan,
  id: string,
  only?: number,
): SessionOption[] {
  if (!plan.tasks.some((task) => key(stepOf(task)) === id)) return []
  const asked = plan.sessions
    .slice(0, MOST_OPTIONS)
    .filter(({ from }) => only === undefined || from === only)
  return asked.map((session): SessionOption => {
    const { project: other } = supposed(state.memo.given, { kind: 'pin', id, ...session })
    const then = planBench(stateOf(other, state), now, {
      steps: STEPS,
      before: plan,
      polish: false,
    })
    const outcome = outcomeOf(then)
    // A place for which a window, or the place itself, is given up is none.
    const kept = outcome.finish !== null && then.lost.length <= plan.lost.length
    return { session, outcome: kept ? outcome : null }
  })
}
