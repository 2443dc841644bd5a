import { key, type StepRef, stepOf } from '../model/stepRef'
import type { BenchPlan } from './planBench'

/** When what is left of a step begins and is over by the plan, epoch milliseconds. */
export type PlannedAt = { from: number; to: number }

/** The planned instants of every step of every part, by its key: asked by all who tell when an act is. Source: handbook 7.4. */
export function plannedSteps({ tasks }: Pick<BenchPlan, 'tasks'>): ReadonlyMap<string, PlannedAt> {
  const known = spans.get(tasks)
  if (known) return known
  const steps = new Map<string, PlannedAt>()
  for (const task of tasks) {
    if (task.start === null || task.end === null) continue
    const id = key(stepOf(task))
    const before = steps.get(id)
    steps.set(id, {
      from: Math.min(before?.from ?? task.start, task.start),
      to: Math.max(before?.to ?? task.end, task.end),
    })
  }
  spans.set(tasks, steps)
  return steps
}

const spans = new WeakMap<BenchPlan['tasks'], ReadonlyMap<string, PlannedAt>>()

/** When a step is planned; null: it isn't. */
export function plannedAt(plan: Pick<BenchPlan, 'tasks'>, ref: StepRef): PlannedAt | null {
  return plannedSteps(plan).get(key(ref)) ?? null
}
