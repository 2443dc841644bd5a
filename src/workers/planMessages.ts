import type { Project } from '@/core/model/project'
import type { BenchPlan, PlanOutcome, SessionOption, WhatIf } from '@/core/schedule'

/** What the planner's worker answers. Plain data both ways. */
export type Planner = {
  /**
   * Plans the whole bench at an instant: `quick` from the running plan, within a few milliseconds a task, `whole` for as long
   * as it pays. The same project, instant and plan give the same answer.
   */
  plan: (
    project: Project,
    now: number,
    before: BenchPlan | null,
    how: 'quick' | 'whole',
    evening: number,
  ) => BenchPlan
  /** What a supposed change would come to; nothing is changed. */
  whatIf: (project: Project, now: number, question: WhatIf, before: BenchPlan | null) => PlanOutcome
  /** The sessions that an act may go to, and what each comes to. */
  places: (project: Project, now: number, plan: BenchPlan, id: string) => SessionOption[]
}
