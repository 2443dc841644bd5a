import { sameValue } from '../model/sameValue'
import { bareState, type PanelState } from './films'
import { afterStep, overAt, type PanelPlan, type PanelRun } from './runPanel'

/**
 * A sequence laid on a surface, with what lay there after every step: from the bare surface on, one state more than there are
 * steps. States share what stayed between them.
 */
export type KeptPanel = { run: PanelRun; plan: PanelPlan; states: readonly PanelState[] }

/** All that a step's state depends on beside the one before: the same, the same bytes. */
function recipeOf(plan: PanelPlan, index: number): unknown {
  const resolved = plan.byStep.get(index)?.context.resolved
  const rusts = plan.activated !== null && index >= plan.activated.step
  return [
    plan.sequence.steps[index],
    plan.fates.get(index),
    resolved && [resolved.sheen, resolved.family],
    rusts ? overAt(plan, index) : null,
  ]
}

/**
 * Lays a sequence on a surface; what an earlier one left behind on the same surface is gone on with from the first step that
 * differs.
 *
 * Source: handbook 10.3; law 15 of 10.5.
 */
export function laidPanel(plan: PanelPlan, run: PanelRun, before?: KeptPanel): KeptPanel {
  const { steps } = plan.sequence
  const goesOn =
    before !== undefined &&
    before.run.samples === run.samples &&
    before.run.seed === run.seed &&
    before.run.scale === run.scale
  let kept = 0
  while (
    goesOn &&
    kept < Math.min(steps.length, before.plan.sequence.steps.length) &&
    sameValue(recipeOf(plan, kept), recipeOf(before.plan, kept))
  )
    kept++
  const states = goesOn ? before.states.slice(0, kept + 1) : [bareState(run.samples.count)]
  for (let index = states.length - 1; index < steps.length; index++)
    states.push(afterStep(plan, run, states[index] as PanelState, index))
  return { run, plan, states }
}
