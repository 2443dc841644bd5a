import type { Session } from '../bench/calendar'
import { type DoneOnce, onceEach } from './onceEach'
import type { BenchPlan } from './planBench'

const MINUTE = 60_000

/** A task in a session: all of it, or the piece that lies there. */
export type InSession = DoneOnce & { start: number; end: number }

/** What is done in a session, in order of time. */
export function tasksIn(plan: Pick<BenchPlan, 'tasks'>, session: Session): InSession[] {
  return onceEach(plan.tasks)
    .flatMap((task): InSession[] => {
      if (task.start === null || task.end === null) return []
      const spans = task.pieces ?? [{ from: task.start, to: task.end }]
      return spans
        .filter(({ from }) => from >= session.from - MINUTE && from < session.to)
        .map(({ from, to }) => ({
          ...task,
          start: from,
          end: to,
          minutes: Math.round((to - from) / MINUTE),
        }))
    })
    .sort((a, b) => a.start - b.start)
}
