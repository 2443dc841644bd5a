import type { Build } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import { stepName } from '../shared/words'

/** A step of a build in a sentence. */
export function stepNameIn(build: Build, id: string): string {
  const step = build.steps.find((step) => step.id === id)
  return step && isAct(step) ? stepName(step).toLowerCase() : 'wait'
}
