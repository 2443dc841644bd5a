import type { Project } from '@/core/model/project'
import type { BenchPlan } from '@/core/plan'

/** What the planner's worker answers. Plain data both ways. */
export type Planner = {
  /** Plans the whole bench at an instant; the same project and instant give the same plan. */
  plan: (project: Project, now: number) => BenchPlan
}
