import type { Sequence } from '../model/sequence'
import type { Family } from '../model/vocabulary'
import { findingsOfSimulation } from '../stack/findings'
import { simulate } from '../stack/simulate/simulate'
import type { SimulatedStep, Simulation } from '../stack/simulate/simulation'
import type { Samples } from '../surface/samples'
import { accidentOf, withAccident } from './accidents'
import type { ActContext } from './actContext'
import { wetChips } from './acts/chips'
import { rusting } from './acts/dusts'
import { PANEL_ACTS } from './actTable'
import type { PanelAccident, PanelState } from './films'

/** What a panel is asked for beside its steps. */
export type PanelRun = {
  samples: Samples
  seed: number
  scale: number
  /** By the zones of a build that a step may name, the plates of the surface. */
  zones?: ReadonlyMap<string, number>
}

/** Was it cleaned before its film was touch-dry, and which accident is seen; null: none. */
export type Fate = { early: boolean; accident: PanelAccident['kind'] | null }

/** A sequence ready to be laid step by step on any surface: judged once. */
export type PanelPlan = {
  sequence: Sequence
  simulation: Simulation
  byStep: ReadonlyMap<number, SimulatedStep>
  /** What the judgement of each act comes to on a surface. */
  fates: ReadonlyMap<number, Fate>
  families: ReadonlyMap<number, Family | null>
  /** The step that started rust, and when that was, minutes. */
  activated: { step: number; at: number } | null
}

/** Judges a sequence for the panel. @param upTo only so many of its steps */
export function panelPlan(whole: Sequence, upTo = whole.steps.length): PanelPlan {
  const sequence = { ...whole, steps: whole.steps.slice(0, upTo) }
  const simulation = simulate(sequence)
  const byStep = new Map(simulation.simulated.map((one) => [one.index, one]))
  const findings = findingsOfSimulation(simulation)
  const fates = new Map<number, Fate>()
  for (const [index, { context }] of byStep) {
    const own = findings.filter(({ step }) => step === index)
    const early = own.some(({ rule }) => rule === 'clean-too-early')
    fates.set(index, { early, accident: accidentOf(own, context) })
  }
  const starts = [...byStep.values()].find(({ context }) => context.resolved.row.activates)
  return {
    sequence,
    simulation,
    byStep,
    fates,
    families: new Map([...byStep].map(([index, { context }]) => [index, context.resolved.family])),
    activated: starts ? { step: starts.index, at: starts.ends.at(-1) ?? starts.context.at } : null,
  }
}

/**
 * What lies on a surface after one step more. Pure: the same state, step and seed, the same bytes.
 *
 * Source: handbook 10.3.
 */
export function afterStep(
  plan: PanelPlan,
  run: PanelRun,
  state: PanelState,
  index: number,
): PanelState {
  const done = plan.byStep.get(index)
  if (!done) return rusted(plan, run, state, index)
  const { step } = done
  const { resolved } = done.context
  const { early, accident } = plan.fates.get(index) as Fate
  const context: ActContext = { ...run, state, step, resolved, index, early }
  const { kind, cuts } = resolved.row
  // What only washes and wipes the part leaves no mark.
  const act = kind === 'prep' && !cuts ? undefined : PANEL_ACTS[step.do]
  const lay = kind === 'open' ? wetChips(plan.families) : act
  const after = lay ? lay(context) : state
  return rusted(plan, run, accident ? withAccident(context, after, accident) : after, index)
}

/** When a step is over, minutes: what rusts goes on until then. */
export function overAt({ simulation }: PanelPlan, index: number): number {
  return simulation.marks[index + 1]?.at ?? simulation.total
}

/** Iron goes on rusting while the work goes on. */
function rusted(plan: PanelPlan, run: PanelRun, state: PanelState, index: number): PanelState {
  const { activated, byStep } = plan
  const starts = activated && byStep.get(activated.step)
  if (!starts || index < activated.step) return state
  const context: ActContext = {
    ...run,
    state,
    step: starts.step,
    resolved: starts.context.resolved,
    index,
    early: false,
  }
  const film = rusting(context, overAt(plan, index) - activated.at, activated.step)
  if (!film) return state
  const at = state.films.findIndex(({ act }) => act === film.act)
  const films = at < 0 ? [...state.films, film] : state.films.with(at, film)
  return { ...state, films }
}
