import { isAct } from '../model/isAct'
import type { Sequence } from '../model/sequence'
import type { Family } from '../model/vocabulary'
import { findingsOfSimulation } from '../stack/findings'
import type { Finding } from '../stack/rules/finding'
import { simulate } from '../stack/simulate/simulate'
import type { SimulatedStep, Simulation } from '../stack/simulate/simulation'
import type { Samples } from '../surface/samples'
import { accidentOf, withAccident } from './accidents'
import type { ActContext } from './actContext'
import { wetChips } from './acts/chips'
import { rusting } from './acts/dusts'
import { PANEL_ACTS } from './actTable'
import type { PanelState } from './films'

/** What a panel is asked for beside its steps. */
export type PanelRun = { samples: Samples; seed: number; scale: number }

/** A sequence ready to be laid step by step on any surface: judged once. */
export type PanelPlan = {
  sequence: Sequence
  simulation: Simulation
  byStep: ReadonlyMap<number, SimulatedStep>
  findings: ReadonlyMap<number, readonly Finding[]>
  families: ReadonlyMap<number, Family | null>
  /** The step that started rust, and when that was, minutes. */
  activated: { step: number; at: number } | null
}

/** Judges a sequence for the panel. @param upTo only so many of its steps */
export function panelPlan(whole: Sequence, upTo = whole.steps.length): PanelPlan {
  const sequence = { ...whole, steps: whole.steps.slice(0, upTo) }
  const simulation = simulate(sequence)
  const byStep = new Map(simulation.simulated.map((one) => [one.index, one]))
  const found = new Map<number, Finding[]>()
  for (const one of findingsOfSimulation(simulation))
    found.set(one.step, [...(found.get(one.step) ?? []), one])
  const starts = [...byStep.values()].find(({ context }) => context.resolved.row.activates)
  return {
    sequence,
    simulation,
    byStep,
    findings: found,
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
  { samples, seed, scale }: PanelRun,
  state: PanelState,
  index: number,
): PanelState {
  const done = plan.byStep.get(index)
  const step = plan.sequence.steps[index]
  if (!step || !isAct(step) || !done) return rusted(plan, { samples, seed, scale }, state, index)
  const findings = plan.findings.get(index) ?? []
  const context: ActContext = {
    samples,
    state,
    step,
    resolved: done.context.resolved,
    index,
    seed,
    scale,
    early: findings.some(({ rule }) => rule === 'clean-too-early'),
  }
  const { kind, cuts } = context.resolved.row
  // What only washes and wipes the part leaves no mark.
  const act = kind === 'prep' && !cuts ? undefined : PANEL_ACTS[step.do]
  const lay = kind === 'open' ? wetChips(plan.families) : act
  const after = lay ? lay(context) : state
  const accident = accidentOf(findings, done.context)
  const shown = accident ? withAccident(context, after, accident) : after
  return rusted(plan, { samples, seed, scale }, shown, index)
}

/** Iron goes on rusting while the work goes on. */
function rusted(plan: PanelPlan, run: PanelRun, state: PanelState, index: number): PanelState {
  const { activated, byStep, simulation } = plan
  const starts = activated && byStep.get(activated.step)
  if (!starts || index < activated.step) return state
  const now = simulation.marks[index + 1]?.at ?? simulation.total
  const context: ActContext = {
    ...run,
    state,
    step: starts.step,
    resolved: starts.context.resolved,
    index,
    early: false,
  }
  const film = rusting(context, now - activated.at, activated.step)
  if (!film) return state
  const at = state.films.findIndex(({ act }) => act === film.act)
  const films = at < 0 ? [...state.films, film] : state.films.with(at, film)
  return { ...state, films }
}
