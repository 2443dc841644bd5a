import type { ActStep, Step } from './sequence'
/** Is this step an act (and not a wait)? */
export function isAct(step: Step): step is ActStep {
  return 'do' in step
}
