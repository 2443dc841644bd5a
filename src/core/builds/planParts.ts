import { progressOf, type StepProgress } from '../log/progress'
import type { Project } from '../model/project'
import { benchBuilds } from './benchBuilds'
import { type PartPlan, partPlanOf } from './partPlan'
import { type PartSimulation, simulatePart } from './partSimulation'
/** One part, simulated and planned. */
export type PlannedPart = { plan: PartPlan; simulated: PartSimulation }

/**
 * Plans one part: findings, clocks and the next act.
 *
 * @param progress derived from the log
 * @throws RangeError if the project has no such part
 */
export function planPart(
  project: Project,
  buildId: string,
  partId: string,
  progress: ReadonlyMap<string, StepProgress>,
  now: number,
): PlannedPart {
  const build = project.builds?.find(({ id }) => id === buildId)
  const part = build?.parts.find(({ id }) => id === partId)
  if (!build || !part) throw new RangeError(`planPart: no part "${partId}" of "${buildId}"`)
  const simulated = simulatePart(project, build, part, progress, now)
  return { simulated, plan: partPlanOf(simulated, progress, now) }
}

/** What every part on the bench says by itself: findings, clocks, next act. Fast: no schedule. */
export function planParts(project: Project, now: number): PlannedPart[] {
  const progress = progressOf(project.acts ?? [])
  return benchBuilds(project).flatMap((build) =>
    build.parts.map((part) => planPart(project, build.id, part.id, progress, now)),
  )
}
