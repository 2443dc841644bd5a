import { partLogOf } from '../log/logIndex'
import type { Build, Part } from '../model/build'
import type { PartRef } from '../model/stepRef'
import { benchBuilds } from './benchBuilds'
import type { BenchState } from './benchState'
import { withJointNext } from './jointNext'
import { type PartPlan, partPlanOf } from './partPlan'
import { simulatePart } from './partSimulation'
import type { PartSimulation } from './simulatedPart'
/** One part, simulated and planned. */
export type PlannedPart = { plan: PartPlan; simulated: PartSimulation }

/**
 * Plans one part: findings, clocks and the next act.
 *
 * @throws RangeError if the project has no such part
 */
export function planPart(state: BenchState, ref: PartRef, now: number): PlannedPart {
  const { build, part } = partIn(state, ref)
  const simulated = simulatePart(state, build, part, now)
  return { simulated, plan: partPlanOf(simulated, partLogOf(state.log, build.id, part.id), now) }
}

/** A part with its build. @throws RangeError if the project has no such part */
export function partIn({ project }: BenchState, ref: PartRef): { build: Build; part: Part } {
  const build = project.builds?.find(({ id }) => id === ref.build)
  const part = build?.parts.find(({ id }) => id === ref.part)
  if (!build || !part) throw new RangeError(`partIn: no part "${ref.part}" of "${ref.build}"`)
  return { build, part }
}

/** What every part on the bench says by itself: findings, clocks, next act. Fast: no schedule. */
export function planParts(state: BenchState, now: number): PlannedPart[] {
  const builds = benchBuilds(state.project)
  const parts = builds.flatMap((build) =>
    build.parts.map((part) => planPart(state, { build: build.id, part: part.id }, now)),
  )
  return withJointNext(builds, parts)
}
