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

/** How many steps of a plan another one laid on the same surface just so; −1: none, and not even the surface is. */
function sharedWith(plan: PanelPlan, run: PanelRun, before: KeptPanel): number {
  const { samples, seed, scale, zones } = before.run
  if (samples !== run.samples || seed !== run.seed || scale !== run.scale || zones !== run.zones)
    return -1
  const most = Math.min(plan.sequence.steps.length, before.plan.sequence.steps.length)
  for (let shared = 0; shared < most; shared++)
    if (!sameValue(recipeOf(plan, shared), recipeOf(before.plan, shared))) return shared
  return most
}

/**
 * Lays a sequence on a surface; what an earlier one left behind on the same surface is gone on with from the first step that
 * differs.
 *
 * @param before what was laid lately: the one that has most in common is gone on with
 * Source: handbook 10.3; law 15 of 10.5.
 */
export function laidPanel(plan: PanelPlan, run: PanelRun, ...before: KeptPanel[]): KeptPanel {
  let states: PanelState[] = [bareState(run.samples.count)]
  let most = -1
  for (const one of before) {
    const shared = sharedWith(plan, run, one)
    if (shared > most) {
      most = shared
      states = one.states.slice(0, shared + 1)
    }
  }
  for (let index = states.length - 1; index < plan.sequence.steps.length; index++)
    states.push(afterStep(plan, run, states[index] as PanelState, index))
  return { run, plan, states }
}
