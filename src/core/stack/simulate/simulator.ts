import type { Pace } from '../../drying/clock'
import { airAt } from '../../drying/series'
import { actRow } from '../../knowledge/acts'
import { USUAL_WARM_AIR } from '../../knowledge/drying'
import { capital } from '../../model/capital'
import { type Climate, changeClimate } from '../../model/climate'
import { minutesOf } from '../../model/duration'
import { isAct } from '../../model/isAct'
import type { ActStep, School, Sequence, Step } from '../../model/sequence'
import type { Coat } from '../../model/vocabulary'
import { coatEnds } from '../state/coatTimes'
import { EPSILON, type Film, filmState } from '../state/film'
import { theFilm } from '../state/filmName'
import { lay } from '../state/lay'
import { nextCoatAt } from '../state/nextCoat'
import { besideMasks, reached } from '../state/reached'
import { bareStacks, ONE_REGION, type RegionId, type Regions, stackOf } from '../state/regions'
import { type ResolvedStep, resolveStep } from '../state/resolvedStep'
import type { Stack } from '../state/stack'
import { atMinute, type Setting, type StepContext } from '../state/stepContext'
import { targetsOf } from '../state/targets'
import { type Filled, fillWait } from './fillWait'
import { inOrder, judge, judgeEnd, merged, type Ruleset, worstOfEach } from './ruleset'
import { aheadAgain, inRegion, type Settings, settingOf, settingsIn } from './settings'
import type { Corrections, SimulateOptions, Simulation, State, TimelineEntry } from './simulation'
import { tolerated } from './tolerance'

/**
 * Simulates a sequence: keeps the stack, the clock and the air, and asks every rule at every step. Pure.
 *
 * @throws RangeError if a step breaks the contract of the format (the border refuses that before)
 * Source: handbook 2.3 to 2.6, 3.2.
 */
function simulateWith(ruleset: Ruleset, sequence: Sequence, options: SimulateOptions): Simulation {
  const setting = settingOf(sequence, options)
  const regions = options.regions ?? ONE_REGION
  const state: State = {
    at: options.from ?? 0,
    stacks: bareStacks(regions, sequence.substrate),
    series: options.series ?? [{ from: 0, climate: setting.climate }],
  }
  const out: Simulation = {
    drafts: [],
    timeline: [],
    waits: [],
    simulated: [],
    stacks: state.stacks,
    series: [],
    total: 0,
    marks: [],
  }
  return goOn(
    { ruleset, setting, regions, settings: settingsIn(setting, regions), options, out },
    state,
    0,
  )
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
  const regions = options.regions ?? ONE_REGION
  const settings = settingsIn(setting, regions)
  const again = aheadAgain(simulated, settings, ruleset)
  const out: Simulation = {
    ...before,
    drafts: merged(kept, again, ruleset),
    timeline: before.timeline.filter((entry) => entry.step < from),
    waits: before.waits.filter((wait) => wait.before < from),
    simulated,
    marks: before.marks.slice(0, from),
  }
  return goOn({ ruleset, setting, regions, settings, options, out }, { ...mark }, from)
}

/** One run over a sequence: what it asks, what it knows, what it has found so far. */
type Run = {
  ruleset: Ruleset
  setting: Setting
  regions: Regions
  /** What each region is told of the steps. */
  settings: Settings
  options: SimulateOptions
  out: Simulation
}

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
  return { ...out, stacks: state.stacks, series: state.series, total: state.at }
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
  const { options, out, ruleset, settings } = run
  const fact = options.facts?.get(index)
  if (fact === 'skipped') return
  if (fact) state.at = Math.max(0, fact.start)
  else if (options.notBefore !== undefined) state.at = Math.max(state.at, options.notBefore)
  const regions = reached(run.regions, state, step)
  const filled = atOnce(
    regions.map((region) => begun(run, state, step, index, region, !fact)),
    ruleset,
  )
  const { wait } = filled.reduce((longest, other) =>
    waitOf(other) > waitOf(longest) ? other : longest,
  )
  if (wait) out.waits.push(wait)
  const drafts = filled.map(({ context, timing }) => {
    const found = context.goesOn ? timing : merged(timing, judge(context, ruleset.lasting), ruleset)
    return settings.size === 1 ? found : found.map((one) => inRegion(one, context.region))
  })
  const found = settings.size === 1 ? drafts.flat() : inOrder(drafts.flat(), ruleset)
  out.drafts.push(...worstOfEach(found).map((drafted) => tolerated(drafted, ruleset)))
  const stacks = new Map(state.stacks)
  filled.forEach(({ context }, i) => {
    const region = regions[i] as RegionId
    const ends = fact
      ? [...fact.ends]
      : coatEnds(step, context.resolved, context.climate).map((end) => context.at + end)
    const laid = lay(context, ends)
    stacks.set(region, laid.stack)
    state.at = i === 0 ? laid.end : Math.max(state.at, laid.end)
    out.simulated.push({ index, region, step, context, ends, after: laid.stack })
    if (i === 0) out.timeline.push(entryOf(index, context, laid.stack, laid.end))
  })
  state.stacks = besideMasks(stacks, filled, index)
}

/** A step at the minute at which one of its regions is ready for it, with the wait before it. */
function begun(
  run: Run,
  state: State,
  step: ActStep,
  index: number,
  region: RegionId,
  open: boolean,
): Filled {
  const { ruleset, setting } = run
  const context = contextAt(run, state, step, index, region)
  if (context.goesOn) return goingOn(context, context.goesOn, ruleset, open)
  return open && setting.sequence.waits === 'auto'
    ? fillWait(context, ruleset)
    : { context, wait: null, timing: judge(context, ruleset.timing) }
}

/** A further coat of a film: the gap between coats is kept, and what is under it was judged with the first. */
function goingOn(context: StepContext, film: Film, ruleset: Ruleset, open: boolean): Filled {
  const { step, series, at } = context
  const from = open ? Math.max(at, nextCoatAt(film, step, series)) : at
  const then = { ...atMinute(context, from), climate: airAt(series, from + EPSILON) }
  const wait =
    from > at + EPSILON
      ? {
          before: context.index,
          minutes: from - at,
          because: flashing(film),
          since: { step: film.endedBy, at: film.end },
        }
      : null
  return { context: then, wait, timing: judge(then, ruleset.eachCoat) }
}

function flashing(film: Film): string {
  return `${capital(theFilm(film))} flashes before its next coat.`
}

/** All regions of a step are done at once: when the last of them is ready. */
function atOnce(all: readonly Filled[], { timing }: Ruleset): readonly Filled[] {
  if (all.length === 1) return all
  const latest = Math.max(...all.map(({ context }) => context.at))
  return all.map((one) => {
    if (one.context.at === latest) return one
    const context = atMinute(one.context, latest)
    return { ...one, context, timing: judge(context, timing) }
  })
}

function waitOf({ wait }: Filled): number {
  return wait?.minutes ?? -1
}

function contextAt(
  run: Run,
  state: State,
  step: ActStep,
  index: number,
  region: RegionId,
): StepContext {
  const { correction, paces } = run.options
  const stack = stackOf(state.stacks, region)
  const targets = targetsOf(actRow(step.do, step.family), stack, state.at, state.series)
  const target = targets[0] ?? null
  const own = ownFilm(run, stack, step)
  const resolved = schooled(
    resolveAt(step, target, correction, paces?.get(index), own?.coats),
    run.setting.school.speed,
  )
  return {
    stack,
    index,
    region,
    step,
    resolved,
    at: state.at,
    series: state.series,
    climate: climateAt(state),
    targets: new Set(targets),
    target,
    goesOn: own,
    setting: run.settings.get(region) as Setting,
    memo: {},
  }
}

/** The film that a step goes on with, where its first coats are a fact and still there. */
function ownFilm({ options }: Run, { films }: Stack, step: ActStep): Film | null {
  const first = options.goesOn?.get(step)
  return (first && films.find((film) => film.step === first.step)) ?? null
}

const plainSteps = new WeakMap<ActStep, ResolvedStep>()

/** A step filled in; what depends on nothing but the step is filled in once. */
function resolveAt(
  step: ActStep,
  target: Film | null,
  correction: Corrections | undefined,
  pace: Pace | undefined,
  /** Coats that it goes on with. */
  coatsBefore: readonly Coat[] | undefined,
): ResolvedStep {
  const known = target === null ? plainSteps.get(step) : undefined
  const resolved = known ?? resolveStep(step, target)
  if (target === null) plainSteps.set(step, resolved)
  const factor = resolved.family && correction ? correction(resolved.family, step) : 1
  if (!resolved.drying || (factor === 1 && !pace && !coatsBefore)) return resolved
  const coats = coatsBefore ? [...coatsBefore, ...resolved.drying.coats] : resolved.drying.coats
  return { ...resolved, drying: { ...resolved.drying, coats, correction: factor, pace } }
}

/** Who works with warm air blows it over everything water-borne, and says so of no step. */
function schooled(resolved: ResolvedStep, speed: School['speed']): ResolvedStep {
  const usual = speed && USUAL_WARM_AIR[speed]
  if (!usual || !resolved.drying?.waterBorne || resolved.drying.warmAir !== undefined)
    return resolved
  return { ...resolved, drying: { ...resolved.drying, warmAir: usual } }
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
