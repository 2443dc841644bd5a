import { DateTime } from 'luxon'
import type { Project } from '../model/project'
import { chainOf, type Why } from './moves'
import { handsOnMinutes } from './onceEach'
import type { BenchPlan } from './planBench'

const MINUTE = 60_000

/** How a build stands: what is left of it, when it is done, and what that hangs on. Instants in epoch milliseconds. */
export type BuildOutlook = {
  build: string
  finish: number | null
  handsOnMinutes: number
  /** From now to the finish, less the time at it. */
  waitingMinutes: number
  /** End of the day it is wanted for. */
  due: number | null
  /** How much sooner than wanted it is done; negative: later. */
  slackMs: number | null
  /** What the finish hangs on, nearest first. */
  critical: Why[]
}

/** Every build that has something left, the one with the least slack first. Source: handbook 7.2, N74. */
export function buildOutlooks(project: Project, plan: BenchPlan): BuildOutlook[] {
  const zone = project.sessions?.zone ?? 'UTC'
  return (project.builds ?? [])
    .flatMap((build): BuildOutlook[] => {
      const tasks = plan.tasks.filter((task) => task.build === build.id)
      if (tasks.length === 0) return []
      const last = tasks.reduce((a, b) => ((b.end ?? 0) > (a.end ?? 0) ? b : a))
      const planned = tasks.every((task) => task.start !== null)
      const finish = planned ? last.end : null
      const hands = handsOnMinutes(tasks)
      const due = build.due ? DateTime.fromISO(build.due, { zone }).endOf('day').toMillis() : null
      return [
        {
          build: build.id,
          finish,
          handsOnMinutes: hands,
          waitingMinutes: finish === null ? 0 : Math.round((finish - plan.zero) / MINUTE) - hands,
          due,
          slackMs: due !== null && finish !== null ? due - finish : null,
          critical: chainOf(plan, last.id),
        },
      ]
    })
    .sort(
      (a, b) =>
        (a.slackMs ?? Number.POSITIVE_INFINITY) - (b.slackMs ?? Number.POSITIVE_INFINITY) ||
        (a.finish ?? 0) - (b.finish ?? 0),
    )
}
