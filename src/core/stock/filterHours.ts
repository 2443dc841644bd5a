import { TOOL_ENERGY } from '../knowledge/energies'
import { ACT_MINUTES } from '../knowledge/limits'
import { stands } from '../log/logIndex'
import { isAct } from '../model/isAct'
import { key } from '../model/stepRef'
import { resolveStep } from '../stack/state/resolvedStep'
import type { StockState } from './stockState'

/** The note that starts the count anew. */
export const FILTER_CHANGED = 'Respirator filter changed'

/** Minutes of spraying in the log since the respirator's filter was last changed. Source: handbook 9; N94. */
export function sprayedSinceFilter({ project, log }: StockState): number {
  const changed = log.acts.reduce((latest, act) => {
    const isChange = act.kind === 'noted' && act.text === FILTER_CHANGED && stands(log, act)
    return isChange && act.at > latest ? act.at : latest
  }, '')
  const steps = new Map<string, number>()
  for (const build of project.builds ?? [])
    for (const step of build.steps)
      if (isAct(step) && TOOL_ENERGY[resolveStep(step, null).tool].sprayed)
        steps.set(key({ build: build.id, part: step.id }), step.minutes ?? ACT_MINUTES)
  return log.acts.reduce((sum, act) => {
    if (act.kind !== 'coat-done' || act.at <= changed || !act.build || !act.step) return sum
    const minutes = steps.get(key({ build: act.build, part: act.step })) ?? 0
    return minutes > 0 && stands(log, act) ? sum + minutes : sum
  }, 0)
}
