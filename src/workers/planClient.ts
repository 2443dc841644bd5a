import { type Remote, wrap } from 'comlink'
import type { Project } from '@/core/model/project'
import type { BenchPlan } from '@/core/plan'
import type { Planner } from './planMessages'

let remote: Remote<Planner> | null = null

function planner(): Remote<Planner> {
  remote ??= wrap<Planner>(
    new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' }),
  )
  return remote
}

/** Plans the bench off the main thread. Errors come back as a rejected promise. */
export function requestPlan(project: Project, now: number): Promise<BenchPlan> {
  return planner().plan(project, now)
}
