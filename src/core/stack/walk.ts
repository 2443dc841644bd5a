import type { ClimateSeries } from '../drying'
import { actRow, type FilmState } from '../materials'
import { type Climate, changeClimate, REFERENCE_CLIMATE } from '../model/climate'
import { minutesOf } from '../model/fields'
import { type ActStep, isAct, type Sequence, type Step } from '../model/sequence'
import type { Family, Sheen } from '../model/vocabulary'
import { EPSILON, type Film, filmReaches, filmState } from './film'
import { type Draft, type RuleName, worse } from './finding'
import { coatEnds, lay } from './lay'
import type { Moment, Setting } from './moment'
import { RULES } from './rules'
import { bareStack, openFilms, type Stack } from './stack'
import { targetsOf } from './targets'
import { workOf } from './work'

/** What lies on the part after a step. Minutes from the start. */
export type TimelineEntry = {
  step: number
  from: number
  to: number
  top: Family | null
  state: FilmState | null
  sheen: Sheen | null
}

/** A rule's draft, where it was drafted. `moment` is null for what is wrong at the end of the work. */
export type Drafted = { step: number; rule: RuleName; draft: Draft; moment: Moment | null }

/** A wait that was filled in: minutes, why, and the step of the film that it waits for. */
export type FilledWait = { before: number; minutes: number; because: string; film: number }

/** One step as it was done: when it began, when its coats ended, what lay on the part before and after. */
export type Walked = { index: number; step: ActStep; moment: Moment; ends: number[]; after: Stack }

export type Walk = {
  drafts: Drafted[]
  timeline: TimelineEntry[]
  waits: FilledWait[]
  walked: Walked[]
  stack: Stack
  series: ClimateSeries
  /** Minutes in all. */
  total: number
}

/** When a step was really done, minutes from the start: facts that the walk follows instead of reckoning. */
export type Fact = { start: number; ends: readonly number[] } | 'skipped'

export type WalkOptions = {
  /** What happened already, by index of the step. */
  facts?: ReadonlyMap<number, Fact>
  /** Steps that aren't facts begin no sooner than this, minutes from the start. */
  notBefore?: number
  /** Corrections of drying learnt from the log, by family. Source: handbook 3.5. */
  correction?: (family: Family) => number
  /** The climate over time where it was logged; otherwise the sequence's own. */
  series?: ClimateSeries
}

type State = { at: number; stack: Stack; series: { from: number; climate: Climate }[] }

/**
 * Walks a sequence: keeps the stack, the clock and the air, and asks every rule at every step. Pure.
 *
 * @throws RangeError if a step breaks the contract of the format (the border refuses that before)
 * Source: handbook 2.3 to 2.6, 3.2.
 */
export function walk(sequence: Sequence, options: WalkOptions = {}): Walk {
  const setting = settingOf(sequence)
  const out: Walk = {
    drafts: [],
    timeline: [],
    waits: [],
    walked: [],
    stack: bareStack(sequence.substrate),
    series: [],
    total: 0,
  }
  const state: State = {
    at: 0,
    stack: bareStack(sequence.substrate),
    series: options.series ? [...options.series] : [{ from: 0, climate: setting.climate }],
  }
  sequence.steps.forEach((step, index) => {
    changeAir(state, step)
    if (isAct(step)) doAct(state, step, index, setting, options, out)
    else state.at += minutesOf(step.wait)
  })
  out.drafts.push(...judgeEnd(state, sequence.steps))
  return { ...out, stack: state.stack, series: state.series, total: state.at }
}

function settingOf(sequence: Sequence): Setting {
  return {
    substrate: sequence.substrate,
    use: sequence.use ?? 'display',
    school: sequence.school ?? {},
    climate: changeClimate(REFERENCE_CLIMATE, sequence.climate),
    steps: sequence.steps,
    sequence,
  }
}

function changeAir(state: State, step: Step): void {
  if (!step.climate) return
  const now = climateAt(state)
  const next = changeClimate(now, step.climate)
  const pieces = state.series.filter((piece) => piece.from < state.at || piece.from === 0)
  state.series = [...pieces, { from: state.at, climate: next }]
}

function climateAt(state: State): Climate {
  const passed = state.series.filter((piece) => piece.from <= state.at + EPSILON)
  const piece = passed.at(-1) ?? state.series[0]
  if (!piece) throw new RangeError('walk: a climate series has at least one piece')
  return piece.climate
}

function doAct(
  state: State,
  step: ActStep,
  index: number,
  setting: Setting,
  options: WalkOptions,
  out: Walk,
): void {
  const fact = options.facts?.get(index)
  if (fact === 'skipped') return
  if (fact) state.at = Math.max(0, fact.start)
  else if (options.notBefore !== undefined) state.at = Math.max(state.at, options.notBefore)
  const begin = momentAt(state, step, index, setting, options.correction)
  let judged = begin
  if (!fact && setting.sequence.waits === 'auto') {
    const filled = fillWait(begin)
    judged = filled.moment
    state.at = judged.at
    if (filled.wait) out.waits.push(filled.wait)
  }
  for (const drafted of judge(judged)) out.drafts.push(drafted)
  const ends = fact
    ? [...fact.ends]
    : coatEnds(step, judged.work, judged.climate).map((end) => judged.at + end)
  const laid = lay(judged, ends)
  state.stack = laid.stack
  state.at = laid.end
  out.walked.push({ index, step, moment: judged, ends, after: laid.stack })
  out.timeline.push(entryOf(index, judged, laid.stack, laid.end))
}

function momentAt(
  state: State,
  step: ActStep,
  index: number,
  setting: Setting,
  correction: ((family: Family) => number) | undefined,
): Moment {
  const targets = targetsOf(actRow(step.do, step.family), state.stack)
  const target = targets[0] ?? null
  const work = workOf(step, target)
  if (work.drying && correction && work.family) work.drying.correction = correction(work.family)
  return {
    stack: state.stack,
    index,
    step,
    work,
    at: state.at,
    series: state.series,
    climate: climateAt(state),
    targets: new Set(targets),
    target,
    setting,
  }
}

/** Every finding of one moment. */
export function judge(moment: Moment): Drafted[] {
  return RULES.flatMap((rule) => {
    const draft = rule.judge(moment)
    return draft ? [{ step: moment.index, rule: rule.name, draft, moment }] : []
  })
}

function judgeEnd(state: State, steps: readonly Step[]): Drafted[] {
  const lastAct = steps.findLastIndex(isAct)
  const lastStep = steps[lastAct]
  if (!lastStep || !isAct(lastStep)) return []
  return RULES.flatMap((rule) => {
    const draft = rule.judgeEnd?.({ stack: state.stack, lastAct, lastStep, at: state.at })
    return draft ? [{ step: lastAct, rule: rule.name, draft, moment: null }] : []
  })
}

function entryOf(step: number, moment: Moment, stack: Stack, end: number): TimelineEntry {
  const top = stack.films.at(-1)
  return {
    step,
    from: moment.at,
    to: end,
    top: top?.family ?? null,
    state: top ? filmState(top, end, moment.series) : null,
    sheen: stack.sheen,
  }
}

/** The points of a film's clock at which a judgement can change. */
const POINTS = ['flash', 'touch', 'recoat', 'sand', 'tape', 'cured', 'workFrom'] as const

/** A later minute, and the film whose clock comes to a point then. */
export type LaterMinute = { at: number; film: Film }

/** A two-part clear is polished from here on, minutes: a point that no milestone marks. Source: handbook 2.6. */
const POLISH_2K = 48 * 60

/** Later minutes at which something about this moment changes, soonest first; whole minutes after `at`. */
export function laterMinutes(moment: Moment): LaterMinute[] {
  const films = new Set([...openFilms(moment.stack), ...moment.stack.films.slice(-8)])
  const minutes = new Map<number, Film>()
  const add = (time: number | null, film: Film) => {
    if (time === null || !Number.isFinite(time) || time <= moment.at + EPSILON) return
    minutes.set(moment.at + Math.ceil(time - moment.at - EPSILON), film)
  }
  for (const film of films) {
    for (const point of POINTS) add(filmReaches(film, point, moment.series), film)
    if (film.family === 'urethane-2k') add(film.end + POLISH_2K, film)
  }
  return [...minutes].map(([at, film]) => ({ at, film })).sort((a, b) => a.at - b.at)
}

/** How bad a moment is for waiting's sake: stops, then risks, then coats too soon. Notes of taste don't make anybody wait. */
function cost(drafts: readonly Drafted[]): number {
  return drafts.reduce((sum, { draft, rule }) => {
    if (draft.severity === 'stop') return sum + 10_000
    if (draft.severity === 'risk') return sum + 100
    return rule === 'recoat-too-early' ? sum + 1 : sum
  }, 0)
}

/** The earliest minute at which no wait would make this step any better. */
function fillWait(moment: Moment): { moment: Moment; wait: FilledWait | null } {
  const now = judge(moment)
  let best: LaterMinute | null = null
  let least = cost(now)
  for (const later of laterMinutes(moment)) {
    if (least === 0) break
    const price = cost(judge({ ...moment, at: later.at }))
    if (price >= least) continue
    best = later
    least = price
  }
  if (!best) return { moment, wait: null }
  const waited = { ...moment, at: best.at }
  const still = new Set(judge(waited).map((one) => one.rule))
  const wait = {
    before: moment.index,
    minutes: best.at - moment.at,
    because: whyWait(now, still),
    film: best.film.step,
  }
  return { moment: waited, wait }
}

/** Why a wait was filled in: the worst of what it ends. */
function whyWait(now: readonly Drafted[], still: ReadonlySet<RuleName>): string {
  const ended = now.filter((one) => !still.has(one.rule))
  const candidates = ended.length > 0 ? ended : now
  const worst = candidates.reduce<Drafted | null>(
    (found, one) => (!found || worse(one.draft.severity, found.draft.severity) ? one : found),
    null,
  )
  return worst?.draft.because ?? ''
}
