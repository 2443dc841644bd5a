import type { BuildAct, BuildStep } from './build'
import type { Step } from './sequence'

const bareOf = new WeakMap<BuildStep, Step>()

/** A step of a build without what ties it to the build: the same object for the same step. */
export function bare(step: BuildStep): Step {
  const known = bareOf.get(step)
  if (known) return known
  const { id, parts, endsAfter, ...rest } = step as BuildAct
  bareOf.set(step, rest as Step)
  return rest as Step
}
