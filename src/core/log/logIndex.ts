import type { LoggedAct } from '../model/loggedAct'
import { key, type StepRef } from '../model/stepRef'
import { type Observation, observationOf } from './observations'
import { advance, inTime, type StepProgress } from './progress'

/** What the log says of one part. A new object whenever it says something else. */
export type PartLog = {
  /** By step. */
  steps: ReadonlyMap<string, StepProgress>
  /** By step, in order of time. */
  observed: ReadonlyMap<string, readonly Observation[]>
}

/** What the log says of one build. A new object whenever it says something else. */
export type BuildLog = {
  parts: ReadonlyMap<string, PartLog>
  /** Everything logged of it, in the order of the log. */
  acts: readonly LoggedAct[]
}

/**
 * The log, sorted by what is asked of it. Nothing of it is stored: it follows from the acts, and is carried on act by act, so
 * that what one act costs doesn't grow with the log. What an act doesn't touch stays the very same object.
 */
export type LogIndex = {
  acts: readonly LoggedAct[]
  /** By build. */
  builds: ReadonlyMap<string, BuildLog>
  /** By bottle: what was filled, poured, weighed and drawn, and stands. In order of time. */
  bottles: ReadonlyMap<string, readonly LoggedAct[]>
  /** By tool: how often it was used. */
  tools: ReadonlyMap<string, number>
  /** Mixes that were made, and stand. */
  mixed: readonly LoggedAct[]
  /** Every observation that stands. */
  observations: readonly Observation[]
  /** Acts that take an act back, by its id. */
  undoers: ReadonlyMap<string, readonly LoggedAct[]>
  /** Acts that say when an act really was, by its id, the newest last. */
  correctors: ReadonlyMap<string, readonly LoggedAct[]>
}

const EMPTY: LogIndex = {
  acts: [],
  builds: new Map(),
  bottles: new Map(),
  tools: new Map(),
  mixed: [],
  observations: [],
  undoers: new Map(),
  correctors: new Map(),
}

const NO_PART: PartLog = { steps: new Map(), observed: new Map() }
const NO_BUILD: BuildLog = { parts: new Map(), acts: [] }

/** Sorts a whole log. */
export function indexLog(acts: readonly LoggedAct[]): LogIndex {
  return extendLog(EMPTY, acts)
}

/**
 * Carries an index on to a longer log; one that isn't the old log with acts added is sorted anew.
 *
 * @param acts the old acts, the same objects in the same order, and what was added behind them
 */
export function extendLog(before: LogIndex, acts: readonly LoggedAct[]): LogIndex {
  const known = before.acts.length
  if (acts === before.acts) return before
  const longer =
    acts.length >= known && acts[0] === (before.acts[0] ?? acts[0]) && isPrefix(before.acts, acts)
  const start = longer ? before : EMPTY
  const added = longer ? acts.slice(known) : acts
  const index: Draft = {
    acts,
    undoers: withNamed(start.undoers, added, ({ undoes }) => undoes),
    correctors: withNamed(start.correctors, added, ({ corrects }) => corrects),
    builds: new Map(start.builds),
    bottles: new Map(start.bottles),
    tools: new Map(start.tools),
    mixed: start.mixed,
    observations: start.observations,
  }
  if (longer && known > 0) touchAll(index, before, touchedBy(acts, added), added)
  else sortAll(index, acts)
  return index
}

/** Does this act still stand: is it not taken back, or was the taking back taken back? */
export function stands({ undoers }: Pick<LogIndex, 'undoers'>, act: LoggedAct): boolean {
  if (!undoers.has(act.id)) return true
  const seen = new Set<string>()
  const isUndone = (id: string): boolean => {
    if (seen.has(id)) return false
    seen.add(id)
    return (undoers.get(id) ?? []).some((undoer) => !isUndone(undoer.id))
  }
  return !isUndone(act.id)
}

/** Is it an act about another act? */
function speaksOfAnother({ kind }: LoggedAct): boolean {
  return kind === 'undone' || kind === 'corrected'
}

/** An act at the instant at which it really was: as the newest correction that stands says, else as it was logged. */
export function asItWas(
  index: Pick<LogIndex, 'undoers' | 'correctors'>,
  act: LoggedAct,
): LoggedAct {
  const at = index.correctors.get(act.id)?.findLast((other) => stands(index, other))?.happenedAt
  return at === undefined || at === act.at ? act : { ...act, at }
}

/** The log as it is read: what was logged last comes first. */
export function newestFirst(acts: readonly LoggedAct[]): LoggedAct[] {
  return inTime(acts).reverse()
}

/** What the log says of a part. */
export function partLogOf(log: LogIndex, build: string, part: string): PartLog {
  return log.builds.get(build)?.parts.get(part) ?? NO_PART
}

/** How far a step of a part has come; undefined where nothing was logged of it. */
export function progressOfStep(log: LogIndex, { build, part, step }: StepRef) {
  return partLogOf(log, build, part).steps.get(step)
}

type Draft = {
  acts: readonly LoggedAct[]
  undoers: ReadonlyMap<string, readonly LoggedAct[]>
  correctors: ReadonlyMap<string, readonly LoggedAct[]>
  builds: Map<string, BuildLog>
  bottles: Map<string, readonly LoggedAct[]>
  tools: Map<string, number>
  mixed: readonly LoggedAct[]
  observations: readonly Observation[]
}

function isPrefix(old: readonly LoggedAct[], acts: readonly LoggedAct[]): boolean {
  // Rows are never changed: where both ends are the same objects, so is what lies between.
  return old.length === 0 || acts[old.length - 1] === old[old.length - 1]
}

/** Acts by the act that they name, carried on. */
function withNamed(
  before: ReadonlyMap<string, readonly LoggedAct[]>,
  added: readonly LoggedAct[],
  named: (act: LoggedAct) => string | undefined,
): ReadonlyMap<string, readonly LoggedAct[]> {
  const naming = added.filter((act) => speaksOfAnother(act) && named(act) !== undefined)
  if (naming.length === 0) return before
  const all = new Map(before)
  for (const act of naming) {
    const target = named(act) as string
    all.set(target, [...(all.get(target) ?? []), act])
  }
  return all
}

/** The acts themselves, and those that they take back, bring back or correct. */
function touchedBy(acts: readonly LoggedAct[], added: readonly LoggedAct[]): LoggedAct[] {
  const wanted = added.flatMap(({ undoes, corrects }) => undoes ?? corrects ?? [])
  if (wanted.length === 0) return [...added]
  const touched = new Set(added)
  const ids = new Set(wanted)
  // What is taken back is nearly always near the end.
  for (let i = acts.length - 1; i >= 0 && ids.size > 0; i--) {
    const act = acts[i] as LoggedAct
    if (!ids.delete(act.id)) continue
    touched.add(act)
    const next = act.undoes ?? act.corrects
    if (next !== undefined) ids.add(next)
  }
  return [...touched]
}

/** The bottles that an act fills, draws from or weighs, each once: a mix may take from one twice. */
export function bottlesOf({ bottle, drawn }: LoggedAct): readonly string[] {
  const own = bottle === undefined ? NO_BOTTLES : [bottle]
  return drawn ? [...new Set([...own, ...drawn.map((portion) => portion.bottle)])] : own
}

const NO_BOTTLES: readonly string[] = []

/** Everything anew, each act once. */
function sortAll(index: Draft, acts: readonly LoggedAct[]): void {
  const isCorrected = index.correctors.size > 0
  const ordered = inTime(isCorrected ? acts.map((act) => asItWas(index, act)) : acts)
  const builds = new Map<string, MutableBuild>()
  const bottles = new Map<string, LoggedAct[]>()
  const mixed: LoggedAct[] = []
  const observations: Observation[] = []
  for (const act of acts)
    if (act.build) {
      const own = builds.get(act.build) ?? newBuild()
      builds.set(act.build, own)
      own.acts.push(act)
    }
  for (const act of ordered) {
    if (speaksOfAnother(act) || !stands(index, act)) continue
    for (const bottle of bottlesOf(act)) push(bottles, bottle, act)
    if (act.tool) index.tools.set(act.tool, (index.tools.get(act.tool) ?? 0) + (act.uses ?? 1))
    if (act.kind === 'mixed') mixed.push(act)
    const seen = observationOf(act)
    if (seen) observations.push(seen)
    const own = act.build ? builds.get(act.build) : undefined
    if (!own || !act.part || !act.step) continue
    const part = own.parts.get(act.part) ?? { steps: new Map(), observed: new Map() }
    own.parts.set(act.part, part)
    advanceStep(part, act.step, act, seen)
  }
  for (const [id, own] of builds) index.builds.set(id, own)
  for (const [id, own] of bottles) index.bottles.set(id, own)
  index.mixed = mixed
  index.observations = observations
}

type MutableBuild = { acts: LoggedAct[]; parts: Map<string, MutablePart> }

function newBuild(): MutableBuild {
  return { acts: [], parts: new Map() }
}

type MutablePart = {
  steps: Map<string, StepProgress>
  observed: Map<string, readonly Observation[]>
}

function advanceStep(
  part: MutablePart,
  step: string,
  act: LoggedAct,
  seen: Observation | null,
): void {
  const next = advance(part.steps.get(step), act, Date.parse(act.at))
  if (next) part.steps.set(step, next)
  if (seen) part.observed.set(step, [...(part.observed.get(step) ?? []), seen])
}

/** Only what the added acts touch, read anew from the acts of its own build. */
function touchAll(
  index: Draft,
  before: LogIndex,
  touched: readonly LoggedAct[],
  added: readonly LoggedAct[],
): void {
  for (const [id, own] of grouped(added, ({ build }) => build)) {
    const known = before.builds.get(id) ?? NO_BUILD
    index.builds.set(id, { ...known, acts: [...known.acts, ...own] })
  }
  const steps = grouped(touched, ({ build, part, step }) =>
    build && part && step ? key({ build, part, step }) : undefined,
  )
  for (const [, [act]] of steps) if (act) touchStep(index, act as LoggedAct & StepRef)
  const taken = new Set(touched.filter((act) => !added.includes(act)).map(({ id }) => id))
  for (const bottle of new Set(touched.flatMap(bottlesOf)))
    index.bottles.set(bottle, bottleActs(index, before, bottle, touched))
  for (const tool of new Set(touched.flatMap(({ tool: id }) => id ?? [])))
    index.tools.set(tool, toolUses(index, before, tool, touched, taken))
  index.mixed = carriedOn(index, before.mixed, touched.filter(isMixed))
  if (touched.some(({ kind }) => kind === 'observed'))
    index.observations = [...index.builds.values()]
      .flatMap(({ parts }) => [...parts.values()])
      .flatMap(({ observed }) => [...observed.values()].flat())
      .sort((a, b) => a.at - b.at)
}

function isMixed({ kind }: LoggedAct): boolean {
  return kind === 'mixed'
}

function grouped(
  acts: readonly LoggedAct[],
  by: (act: LoggedAct) => string | undefined,
): Map<string, LoggedAct[]> {
  const groups = new Map<string, LoggedAct[]>()
  for (const act of acts) {
    const id = by(act)
    if (id !== undefined) push(groups, id, act)
  }
  return groups
}

function push(groups: Map<string, LoggedAct[]>, id: string, act: LoggedAct): void {
  const own = groups.get(id)
  if (own) own.push(act)
  else groups.set(id, [act])
}

/** Acts that stood, in order of time, with what the touched ones of them came to. */
function carriedOn(
  index: Draft,
  before: readonly LoggedAct[],
  touched: readonly LoggedAct[],
): readonly LoggedAct[] {
  if (touched.length === 0) return before
  const again = new Set(touched.map(({ id }) => id))
  return inTime([...before.filter(({ id }) => !again.has(id)), ...standing(index, touched)])
}

/** The acts of a list that stand, in order of time. */
function standing(index: Draft, acts: readonly LoggedAct[]): LoggedAct[] {
  return inTime(
    acts
      .filter((act) => !speaksOfAnother(act) && stands(index, act))
      .map((act) => asItWas(index, act)),
  )
}

function touchStep(index: Draft, { build, part, step }: LoggedAct & StepRef): void {
  const own = index.builds.get(build) ?? NO_BUILD
  const acts = standing(
    index,
    own.acts.filter((act) => act.part === part && act.step === step),
  )
  const before = own.parts.get(part) ?? NO_PART
  const next: MutablePart = { steps: new Map(before.steps), observed: new Map(before.observed) }
  next.steps.delete(step)
  next.observed.delete(step)
  for (const act of acts) advanceStep(next, step, act, observationOf(act))
  index.builds.set(build, { ...own, parts: new Map(own.parts).set(part, next) })
}

function bottleActs(
  index: Draft,
  before: LogIndex,
  bottle: string,
  touched: readonly LoggedAct[],
): readonly LoggedAct[] {
  const own = touched.filter((act) => bottlesOf(act).includes(bottle))
  return carriedOn(index, before.bottles.get(bottle) ?? [], own)
}

function toolUses(
  index: Draft,
  before: LogIndex,
  tool: string,
  touched: readonly LoggedAct[],
  taken: ReadonlySet<string>,
): number {
  return touched.reduce((sum, act) => {
    if (act.tool !== tool) return sum
    const uses = act.uses ?? 1
    const now = stands(index, act)
    const was = taken.has(act.id) && stands(before, act)
    return sum + (now ? uses : 0) - (was ? uses : 0)
  }, before.tools.get(tool) ?? 0)
}
