import { TOOL_ENERGY } from '../knowledge/energies'
import { ACT_MINUTES } from '../knowledge/limits'
import { standingActs } from '../log/progress'
import { isAct } from '../model/isAct'
import type { Project } from '../model/project'
import { resolveStep } from '../stack/state/resolvedStep'

/** The note that starts the count anew. */
export const FILTER_CHANGED = 'Respirator filter changed'

/** Minutes of spraying in the log since the respirator's filter was last changed. Source: handbook 9; N94. */
export function sprayedSinceFilter(project: Project): number {
  const acts = standingActs(project.acts ?? [])
  const changed = acts.findLastIndex((act) => act.kind === 'noted' && act.text === FILTER_CHANGED)
  return acts.slice(changed + 1).reduce((sum, act) => {
    if (act.kind !== 'coat-done') return sum
    const build = project.builds?.find((one) => one.id === act.build)
    const step = build?.steps.find((one) => one.id === act.step)
    if (!step || !isAct(step) || !TOOL_ENERGY[resolveStep(step, null).tool].sprayed) return sum
    return sum + (step.minutes ?? ACT_MINUTES)
  }, 0)
}
