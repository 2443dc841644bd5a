import { key, stepOf } from '@/core/model/stepRef'
import type { BenchPlan, ScheduledTask, SessionOption } from '@/core/schedule'
import { useAsked } from '@/state/hooks'

/**
 * The sessions that an act may go to and what each comes to; null while they are looked for, or for no act.
 *
 * @param only when the one session begins that is asked about; left out: all are, which takes a plan each
 */
export function useSessionOptions(
  plan: BenchPlan,
  task: ScheduledTask | null,
  only?: number,
): SessionOption[] | null {
  const id = task ? key(stepOf(task)) : null
  const { answer, stale, failed } = useAsked<SessionOption[]>(
    id === null ? null : (worker) => worker.sessionOptions(plan.now, plan, id, only),
    [id, plan, only],
  )
  if (failed) return []
  return stale ? null : answer
}
