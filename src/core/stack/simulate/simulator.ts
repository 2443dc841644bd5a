import type { Pace } from '../../drying/clock'
import { airAt } from '../../drying/series'
import { actRow } from '../../knowledge/acts'
import { type Climate, changeClimate, REFERENCE_CLIMATE } from '../../model/climate'
import { minutesOf } from '../../model/duration'
import { isAct } from '../../model/isAct'
import type { ActStep, Sequence, Step } from '../../model/sequence'
import { coatEnds } from '../state/coatTimes'
import { EPSILON, type Film, filmState } from '../state/film'
import { lay } from '../state/lay'
import { type ResolvedStep, resolveStep } from '../state/resolvedStep'
import { bareStack, type Stack } from '../state/stack'
import type { Setting, StepContext } from '../state/stepContext'
import { targetsOf } from '../state/targets'
import { fillWait } from './fillWait'
import { judge, judgeAhead, judgeEnd, merged, type Ruleset, worstOfEach } from './ruleset'
import type { Corrections, SimulateOptions, Simulation, State, TimelineEntry } from './simulation'

/**
 * Simulates a sequence: keeps the stack, the clock and the air, and asks every rule at every step. Pure.
 *
 * @throws RangeError if a step breaks the contract of the format (the border refuses that before)
 * Source: handbook 2.3 to 2.6, 3.2.
 */
function simulateWith(ruleset: Ruleset, sequence: Sequence, options: SimulateOptions): Simulation {
  const setting = settingOf(sequence, options)
  const state: State = {
    at: options.from ?? 0,
    stack: bareStack(sequence.substrate),
    series: options.series ?? [{ from: 0, climate: setting.climate }],
  }
  const out: Simulation = {
    drafts: [],
    timeline: [],
    waits: [],
    simulated: [],
    stack: state.stack,
    series: [],
    total: 0,
    marks: [],
  }
  return goOn({ ruleset, setting, options, out }, state, 0)
}

/**
 * Simulates an edited sequence from its first changed step on: what comes before is taken from the simulation of the
 * sequence as it was. Rules that look ahead are asked again there.
 *
 * @param before a simulation of a sequence that differs in its steps only, with the same options
 * @param from index of the first step that differs
 */
function resumeWith(
  ruleset: Ruleset,
  before: Simulation,
  sequence: Sequence,
  from: number,
  options: SimulateOptions,
): Simulation {
  const { length } = sequence.steps
  if (from === length && before.marks.length === length) return before
  const mark = before.marks[from]
  if (!mark) return simulateWith(ruleset, sequence, options)
  const setting = settingOf(sequence, options)
  const simulated = before.simulated.filter((entry) => entry.index < from)
  const kept = before.drafts.filter(
    (draft) =>
      draft.step < from && draft.context !== null && !ruleset.byName.get(draft.rule)?.looksAhead,
  )
  const again = simulated.flatMap(({ context }) => judgeAhead(context, setting, ruleset))
  const out: Simulation = {
    ...before,
    drafts: merged(kept, again, ruleset),
    timeline: before.timeline.filter((entry) => entry.step < from),
    waits: before.waits.filter((wait) => wait.before < from),
    simulated,
    marks: before.marks.slice(0, from),
  }
  return goOn({ ruleset, setting, options, out }, { ...mark }, from)
}

/** One run over a sequence: what it asks, what it knows, what it has found so far. */
type Run = { ruleset: Ruleset; setting: Setting; options: SimulateOptions; out: Simulation }

function goOn(run: Run, state: State, from: number): Simulation {
  const { out, setting, ruleset } = run
  const { steps } = setting
  for (let index = from; index < steps.length; index++) {
    const step = steps[index] as Step
    out.marks.push({ ...state })
    changeAir(state, step)
    if (isAct(step)) doAct(run, state, step, index)
    else state.at += minutesOf(step.wait)
  }
  out.drafts.push(...judgeEnd(state, setting, ruleset))
  return { ...out, stack: state.stack, series: state.series, total: state.at }
}

function settingOf(sequence: Sequence, options: SimulateOptions): Setting {
  return {
    substrate: sequence.substrate,
    use: sequence.use ?? 'display',
    school: sequence.school ?? {},
    climate: changeClimate(REFERENCE_CLIMATE, sequence.climate),
    steps: sequence.steps,
    sequence,
    shelf: options.shelf ?? [],
    usedPairs: options.usedPairs ?? null,
  }
}

function changeAir(state: State, step: Step): void {
  if (!step.climate) return
  const now = climateAt(state)
  const next = changeClimate(now, step.climate)
  const pieces = state.series.filter((piece) => piece.from < state.at || piece.from === 0)
  state.series = [...pieces, { from: state.at, climate: next }]
}

/** The air of a moment: a piece that begins by then holds already. */
function climateAt({ series, at }: State): Climate {
  return airAt(series, at + EPSILON)
}

function doAct(run: Run, state: State, step: ActStep, index: number): void {
  const { options, out, ruleset, setting } = run
  const fact = options.facts?.get(index)
  if (fact === 'skipped') return
  if (fact) state.at = Math.max(0, fact.start)
  else if (options.notBefore !== undefined) state.at = Math.max(state.at, options.notBefore)
  const begin = contextAt(run, state, step, index)
  const auto = !fact && setting.sequence.waits === 'auto'
  const filled = auto
    ? fillWait(begin, ruleset)
    : { context: begin, wait: null, timing: judge(begin, ruleset.timing) }
  const judged = filled.context
  state.at = judged.at
  if (filled.wait) out.waits.push(filled.wait)
  const drafts = merged(filled.timing, judge(judged, ruleset.lasting), ruleset)
  out.drafts.push(...worstOfEach(drafts))
  const ends = fact
    ? [...fact.ends]
    : coatEnds(step, judged.resolved, judged.climate).map((end) => judged.at + end)
  const laid = lay(judged, ends)
  state.stack = laid.stack
  state.at = laid.end
  out.simulated.push({ index, step, context: judged, ends, after: laid.stack })
  out.timeline.push(entryOf(index, judged, laid.stack, laid.end))
}

function contextAt(run: Run, state: State, step: ActStep, index: number): StepContext {
  const { correction, paces } = run.options
  const targets = targetsOf(actRow(step.do, step.family), state.stack)
  const target = targets[0] ?? null
  const resolved = resolveAt(step, target, correction, paces?.get(index))
  return {
    stack: state.stack,
    index,
    step,
    resolved,
    at: state.at,
    series: state.series,
    climate: climateAt(state),
    targets: new Set(targets),
    target,
    setting: run.setting,
    memo: {},
  }
}

const plainSteps = new WeakMap<ActStep, ResolvedStep>()

/** A step filled in; what depends on nothing but the step is filled in once. */
function resolveAt(
  step: ActStep,
  target: Film | null,
  correction: Corrections | undefined,
  pace: Pace | undefined,
): ResolvedStep {
  const known = target === null ? plainSteps.get(step) : undefined
  const resolved = known ?? resolveStep(step, target)
  if (target === null) plainSteps.set(step, resolved)
  const factor = resolved.family && correction ? correction(resolved.family, step) : 1
  if (!resolved.drying || (factor === 1 && !pace)) return resolved
  return { ...resolved, drying: { ...resolved.drying, correction: factor, pace } }
}

function entryOf(step: number, context: StepContext, stack: Stack, end: number): TimelineEntry {
  const top = stack.films.at(-1)
  return {
    step,
    from: context.at,
    to: end,
    top: top?.family ?? null,
    state: top ? filmState(top, end, context.series) : null,
    sheen: stack.sheen,
  }
}

/** Simulates sequences by one set of rules. */
export type Simulator = {
  /**
   * @throws RangeError if a step breaks the contract of the format (the border refuses that before)
   */
  simulate: (sequence: Sequence, options?: SimulateOptions) => Simulation
  /**
   * @param before a simulation of a sequence that differs in its steps only, with the same options
   * @param from index of the first step that differs
   */
  resume: (
    before: Simulation,
    sequence: Sequence,
    from: number,
    options?: SimulateOptions,
  ) => Simulation
}

/** A simulator that asks these rules. The rules are given, not imported: a rule's own test can simulate with it alone. */
export function simulatorOf(ruleset: Ruleset): Simulator {
  return {
    simulate: (sequence, options = {}) => simulateWith(ruleset, sequence, options),
    resume: (before, sequence, from, options = {}) =>
      resumeWith(ruleset, before, sequence, from, options),
  }
}
