import type { ClimateSeries, Pace } from '../drying'
import {
  actRow,
  FILLER_CURES,
  type FilmState,
  IRON_SETTLES,
  POLISH_2K,
  RUB_HOUR,
  SALT_DRY,
} from '../materials'
import { type Climate, changeClimate, REFERENCE_CLIMATE } from '../model/climate'
import { minutesOf } from '../model/fields'
import { type ActStep, isAct, type Sequence, type Step } from '../model/sequence'
import type { Family, Sheen } from '../model/vocabulary'
import { EPSILON, type Film, filmReaches, filmState } from './film'
import { type Draft, type Rule, type RuleName, worse } from './finding'
import { coatEnds, lay } from './lay'
import { atMinute, type Moment, type Setting, type ShelfPaint } from './moment'
import { RULES } from './rules'
import { bareStack, openFilms, type Since, type Stack } from './stack'
import { targetsOf } from './targets'
import { type Work, workOf } from './work'

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

/** A wait that was filled in: minutes, why, and what it counts from: a film, a mask, filler, a rub. */
export type FilledWait = { before: number; minutes: number; because: string; since: Since }

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
  /** How things stood before each step: where a walk of an edited sequence takes up again. */
  marks: State[]
}

/** When a step was really done, minutes from the start: facts that the walk follows instead of reckoning. */
export type Fact = { start: number; ends: readonly number[] } | 'skipped'

export type WalkOptions = {
  /** What happened already, by index of the step. */
  facts?: ReadonlyMap<number, Fact>
  /** Steps that aren't facts begin no sooner than this, minutes from the start. */
  notBefore?: number
  /** Corrections of drying learnt from the log. Source: handbook 3.5. */
  correction?: Corrections
  /** What was seen of films that were laid, by index of the step. */
  paces?: ReadonlyMap<number, Pace>
  /** The climate over time where it was logged; otherwise the sequence's own. */
  series?: ClimateSeries
  /** Bottles at hand. */
  shelf?: readonly ShelfPaint[]
  /** Pairs of film and solvent that the log knows; left out: there is no log to ask. */
  usedPairs?: ReadonlySet<string>
}

/** The modeller's own factor on the drying of what a step lays. */
export type Corrections = (family: Family, step: ActStep) => number

type State = { at: number; stack: Stack; series: { from: number; climate: Climate }[] }

/**
 * Walks a sequence: keeps the stack, the clock and the air, and asks every rule at every step. Pure.
 *
 * @throws RangeError if a step breaks the contract of the format (the border refuses that before)
 * Source: handbook 2.3 to 2.6, 3.2.
 */
export function walk(sequence: Sequence, options: WalkOptions = {}): Walk {
  const setting = settingOf(sequence, options)
  const state: State = {
    at: 0,
    stack: bareStack(sequence.substrate),
    series: options.series ? [...options.series] : [{ from: 0, climate: setting.climate }],
  }
  const out: Walk = {
    drafts: [],
    timeline: [],
    waits: [],
    walked: [],
    stack: state.stack,
    series: [],
    total: 0,
    marks: [],
  }
  return walkOn(out, state, setting, options, 0)
}

/**
 * Walks an edited sequence from its first changed step on: what comes before is taken from the walk of the sequence as it
 * was. Rules that look ahead are asked again there.
 *
 * @param before a walk of a sequence that differs in its steps only, with the same options
 * @param from index of the first step that differs
 */
export function rewalk(
  before: Walk,
  sequence: Sequence,
  from: number,
  options: WalkOptions = {},
): Walk {
  const { length } = sequence.steps
  if (from === length && before.marks.length === length) return before
  const mark = before.marks[from]
  if (!mark) return walk(sequence, options)
  const setting = settingOf(sequence, options)
  const walked = before.walked.filter((one) => one.index < from)
  const kept = before.drafts.filter(
    (one) => one.step < from && one.moment !== null && !AHEAD_NAMES.has(one.rule),
  )
  const again = walked.flatMap(({ moment }) => judgeAhead(moment, setting))
  const out: Walk = {
    ...before,
    drafts: merged(kept, again),
    timeline: before.timeline.filter((one) => one.step < from),
    waits: before.waits.filter((one) => one.before < from),
    walked,
    marks: before.marks.slice(0, from),
  }
  return walkOn(out, { ...mark }, setting, options, from)
}

function walkOn(
  out: Walk,
  state: State,
  setting: Setting,
  options: WalkOptions,
  from: number,
): Walk {
  const { steps } = setting
  for (let index = from; index < steps.length; index++) {
    const step = steps[index] as Step
    out.marks.push({ ...state })
    changeAir(state, step)
    if (isAct(step)) doAct(state, step, index, setting, options, out)
    else state.at += minutesOf(step.wait)
  }
  out.drafts.push(...judgeEnd(state, setting))
  return { ...out, stack: state.stack, series: state.series, total: state.at }
}

function settingOf(sequence: Sequence, options: WalkOptions): Setting {
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
  const begin = momentAt(state, step, index, setting, options)
  const auto = !fact && setting.sequence.waits === 'auto'
  const filled = auto
    ? fillWait(begin)
    : { moment: begin, wait: null, timing: judge(begin, TIMING) }
  const judged = filled.moment
  state.at = judged.at
  if (filled.wait) out.waits.push(filled.wait)
  out.drafts.push(...merged(filled.timing, judge(judged, LASTING)))
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
  { correction, paces }: WalkOptions,
): Moment {
  const targets = targetsOf(actRow(step.do, step.family), state.stack)
  const target = targets[0] ?? null
  const work = workAt(step, target, correction, paces?.get(index))
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
    memo: {},
  }
}

const TIMING = RULES.filter((rule) => rule.timing)
/** Rules that no wait changes. */
const LASTING = RULES.filter((rule) => !rule.timing)
const AHEAD = RULES.filter((rule) => rule.looksAhead)
const AHEAD_NAMES: ReadonlySet<RuleName> = new Set(AHEAD.map((rule) => rule.name))

function judgeAhead(moment: Moment, setting: Setting): Drafted[] {
  const asked = AHEAD.filter((rule) => rule.looksAhead?.(moment))
  return asked.length === 0 ? [] : judge({ ...moment, setting }, asked)
}

const PLACE = new Map(RULES.map((rule, i) => [rule.name, i]))

/** Two lists in order as one: by step, and within a step in the order of the rules. */
function merged(some: Drafted[], others: Drafted[]): Drafted[] {
  if (some.length === 0) return others
  if (others.length === 0) return some
  const place = (one: Drafted) => PLACE.get(one.rule) ?? 0
  return [...some, ...others].sort((a, b) => a.step - b.step || place(a) - place(b))
}

const plainWork = new WeakMap<ActStep, Work>()

/** A step filled in; what depends on nothing but the step is filled in once. */
function workAt(
  step: ActStep,
  target: Film | null,
  correction: Corrections | undefined,
  pace: Pace | undefined,
): Work {
  const known = target === null ? plainWork.get(step) : undefined
  const work = known ?? workOf(step, target)
  if (target === null) plainWork.set(step, work)
  const factor = work.family && correction ? correction(work.family, step) : 1
  if (!work.drying || (factor === 1 && !pace)) return work
  return { ...work, drying: { ...work.drying, correction: factor, pace } }
}

/** What rules say of one moment. */
export function judge(moment: Moment, rules: readonly Rule[] = RULES): Drafted[] {
  const found: Drafted[] = []
  for (const rule of rules) {
    const draft = rule.judge(moment)
    if (draft) found.push({ step: moment.index, rule: rule.name, draft, moment })
  }
  return found
}

function judgeEnd(state: State, { steps, use }: Setting): Drafted[] {
  const lastAct = steps.findLastIndex(isAct)
  const lastStep = steps[lastAct]
  if (!lastStep || !isAct(lastStep)) return []
  return RULES.flatMap((rule) => {
    const draft = rule.judgeEnd?.({ stack: state.stack, lastAct, lastStep, at: state.at, use })
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

/** A later minute, and what comes to its point then. */
export type LaterMinute = { at: number; since: Since }

/** Later minutes at which something about this moment changes, soonest first; whole minutes after `at`. */
export function laterMinutes(moment: Moment): LaterMinute[] {
  const minutes = new Map<number, Since>()
  eachLater(moment, (at, since) => minutes.set(at, since))
  return [...minutes]
    .map(([later, { step, at: from }]) => ({ at: later, since: { step, at: from } }))
    .sort((a, b) => a.at - b.at)
}

/** The first of them that is no sooner than a minute; null: there is none. */
function firstFrom(moment: Moment, soonest: number): LaterMinute | null {
  let first: LaterMinute | null = null
  eachLater(moment, (at, since) => {
    if (at < soonest - EPSILON || (first && at > first.at)) return
    first = { at, since: { step: since.step, at: since.at } }
  })
  return first
}

function eachLater(moment: Moment, tell: (at: number, since: Since) => void): void {
  const { stack, at, series } = moment
  const add = (time: number | null, since: Since) => {
    if (time === null || !Number.isFinite(time) || time <= at + EPSILON) return
    tell(at + Math.ceil(time - at - EPSILON), since)
  }
  for (const film of concerned(moment)) {
    const since = { step: film.step, at: film.end }
    for (const point of POINTS) add(filmReaches(film, point, series), since)
    if (film.family === 'urethane-2k') add(film.end + POLISH_2K, since)
    if (film.activated) {
      add(film.activated.at + IRON_SETTLES.from, film.activated)
      add(film.activated.at + IRON_SETTLES.to, film.activated)
    }
  }
  for (const mask of stack.masks) if (mask.act === 'salt') add(mask.at + SALT_DRY, mask)
  for (const rub of stack.rubs) add(rub.at + RUB_HOUR, rub)
  if (stack.filled) add(stack.filled.at + FILLER_CURES, stack.filled)
}

/**
 * Films whose clock can matter to a step: what lies open and what it works on, down to the lowest of them, and two more,
 * which a solvent comes to when it goes through.
 */
function concerned({ stack, targets }: Moment): readonly Film[] {
  const { films } = stack
  let lowest = films.length - openFilms(stack).length
  for (const film of targets) lowest = Math.min(lowest, films.indexOf(film))
  return films.slice(Math.max(0, lowest - 2))
}

/** Notes that are worth a wait by themselves: the others are a matter of taste. */
const WORTH_WAITING: readonly RuleName[] = ['recoat-too-early', 'filler-curing', 'turned-while-wet']

/** What one draft costs for waiting's sake: stops, then risks, then what is merely too soon. */
function cost({ draft, rule }: Drafted): number {
  if (draft.severity === 'stop') return 10_000
  if (draft.severity === 'risk') return 100
  return WORTH_WAITING.includes(rule) ? 1 : 0
}

function costOf(drafts: readonly Drafted[]): number {
  return drafts.reduce((sum, one) => sum + cost(one), 0)
}

/** The cost of a later minute, given up as soon as it is no less than the least so far. */
function priceAt(moment: Moment, rules: readonly Rule[], least: number): number {
  let sum = 0
  for (const rule of rules) {
    const draft = rule.judge(moment)
    if (draft) sum += cost({ step: moment.index, rule: rule.name, draft, moment })
    if (sum >= least) return sum
  }
  return sum
}

/** A step at the minute at which it is done, the wait before it, and what the rules of timing say there. */
type Filled = { moment: Moment; wait: FilledWait | null; timing: Drafted[] }

/** The earliest minute at which no wait would make this step any better. */
function fillWait(moment: Moment): Filled {
  const now = judge(moment, TIMING)
  let least = costOf(now)
  if (least === 0) return { moment, wait: null, timing: now }
  const fired = new Set(now.map((one) => one.rule))
  const rules = [
    ...TIMING.filter((rule) => fired.has(rule.name)),
    ...TIMING.filter((rule) => !fired.has(rule.name)),
  ]
  let best: { later: LaterMinute; moment: Moment } | null = null
  const soonest = now.reduce(
    (at, one) => (cost(one) > 0 ? Math.max(at, one.draft.until ?? 0) : at),
    0,
  )
  const calm = firstFrom(moment, soonest)
  const there = calm && atMinute(moment, calm.at)
  if (calm && there && priceAt(there, rules, 1) === 0) {
    best = { later: calm, moment: there }
    least = 0
  }
  for (const one of least === 0 ? [] : laterMinutes(moment)) {
    const waited = atMinute(moment, one.at)
    const price = priceAt(waited, rules, least)
    if (price >= least) continue
    best = { later: one, moment: waited }
    least = price
    if (least === 0) break
  }
  if (!best) return { moment, wait: null, timing: now }
  const timing = judge(best.moment, TIMING)
  const wait = {
    before: moment.index,
    minutes: best.later.at - moment.at,
    because: whyWait(now, new Set(timing.map((one) => one.rule))),
    since: best.later.since,
  }
  return { moment: best.moment, wait, timing }
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
