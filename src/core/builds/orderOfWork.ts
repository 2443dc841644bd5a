import { actRow, laysClear } from '../knowledge/acts'
import type { Stage } from '../knowledge/stages'
import { isAct } from '../model/isAct'
import type { ActStep, Step } from '../model/sequence'

/** The stage of one act by itself. */
function ownStage(step: ActStep): Stage {
  return actRow(step.do, step.family).stage
}

/**
 * The stage of every step of a sequence: a wait belongs to the step after it, a clear before decals or lining is for flow,
 * the last clear with only finishing after it is the final one, any other is a lock.
 */
export function stagesOf(steps: readonly Step[]): Stage[] {
  const acts = steps.map((step) => (isAct(step) ? step : null))
  const lastClear = acts.findLastIndex((step) => step && laysClear(step) && step.over !== 'patch')
  const stages: (Stage | null)[] = acts.map((step, i) => {
    if (!step) return null
    if (!laysClear(step)) return ownStage(step)
    const next = acts.slice(i + 1).find((act) => act !== null && !laysClear(act))
    const following = next ? ownStage(next) : 13
    if (following === 8 || following === 9) return 7
    return i === lastClear && following >= 12 ? 13 : 10
  })
  return stages.map((stage, i) => stage ?? stages.slice(i).find((stage) => stage !== null) ?? 13)
}

/**
 * Where a step of a stage belongs among others: the place with the fewest steps on the wrong side of it, the latest among
 * equals.
 *
 * @param first the first place that is still free: what is done stays before it
 */
export function placeFor(stage: Stage, steps: readonly Step[], first: number): number {
  const stages = stagesOf(steps)
  let best = first
  let fewest = Number.POSITIVE_INFINITY
  for (let place = first; place <= steps.length; place++) {
    const before = stages.slice(0, place).filter((otherStage) => otherStage > stage).length
    const after = stages.slice(place).filter((otherStage) => otherStage < stage).length
    if (before + after > fewest) continue
    fewest = before + after
    best = place
  }
  return best
}
