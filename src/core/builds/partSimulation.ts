import type { ClimateSeries, Pace } from '../drying/clock'
import { partLogOf } from '../log/logIndex'
import type { StepProgress } from '../log/progress'
import type { Build, BuildStep, Part } from '../model/build'
import { coatsMeant } from '../model/coats'
import { isAct } from '../model/isAct'
import type { ActStep, Sequence, Step } from '../model/sequence'
import { climateSeries } from '../room/climateSeries'
import { paceOf } from '../room/corrections'
import { asPainted } from '../shelf/sheet'
import { simulate } from '../stack/simulate/simulate'
import type { Fact, SimulateOptions, Simulation } from '../stack/simulate/simulation'
import { resolveStep } from '../stack/state/resolvedStep'
import type { BenchState } from './benchState'

const MINUTE = 60_000

/** A place in the walked sequence: the step of the build it stands for, and the coats done before it. */
export type PartEntry = { step: BuildStep; coatsBefore: number; fact: boolean }

/** A part's sequence as it is walked: what happened first, then what is meant, in order. */
export type PartSimulation = {
  build: Build
  part: Part
  sequence: Sequence
  options: SimulateOptions
  entries: PartEntry[]
  simulation: Simulation
}

/** The steps of a build that touch a part, in order. */
export function stepsOfPart(build: Build, part: string): BuildStep[] {
  return build.steps.filter((step) => step.parts.includes(part))
}

/**
 * Simulates one part of a build from its facts and its plan. Minutes are counted from the epoch.
 *
 * @param now epoch milliseconds; what isn't done begins no sooner
 * @param simulateWith simulates the sequence; a caller that has simulated one like it may take that up
 */
export function simulatePart(
  state: BenchState,
  build: Build,
  part: Part,
  now: number,
  simulateWith: typeof simulate = simulate,
): PartSimulation {
  const { entries, steps, facts, since } = entriesOf(state, build, part)
  const series = climateSeries(state.room, now)
  const options: SimulateOptions = {
    facts,
    from: Math.min(now, since ?? now) / MINUTE,
    notBefore: now / MINUTE,
    series,
    correction: state.correction,
    paces: pacesOf(state, build, part, entries, facts, series),
    shelf: state.project.shelf ?? NO_SHELF,
    ...(state.usedPairs ? { usedPairs: state.usedPairs } : {}),
  }
  const sequence = sequenceOf(build, part, steps)
  return { build, part, sequence, options, entries, simulation: simulateWith(sequence, options) }
}

const NO_SHELF: NonNullable<SimulateOptions['shelf']> = []

/** A part's steps in the order in which they are simulated, and what of them is done. */
export type PartEntries = {
  entries: PartEntry[]
  steps: Step[]
  facts: ReadonlyMap<number, Fact>
  /** When the first of it was begun, epoch milliseconds; null: nothing was. */
  since: number | null
}

/** What happened first, in order of time, then what is left of it and what is meant, in order of work. */
export function entriesOf({ project, log }: BenchState, build: Build, part: Part): PartEntries {
  const known = partLogOf(log, build.id, part.id).steps
  const own = stepsOfPart(build, part.id)
  const started = own.flatMap((step) => {
    const progress = known.get(step.id)
    return progress && hasFact(progress) ? [{ step, progress }] : []
  })
  started.sort((a, b) => factTime(a.progress) - factTime(b.progress))
  const entries: PartEntry[] = []
  const steps: Step[] = []
  const facts = new Map<number, Fact>()
  const later: { entry: PartEntry; step: Step }[] = []
  for (const { step, progress } of started) {
    facts.set(steps.length, factOf(progress))
    const painted = asPainted(project, step)
    const done = progress.coatEnds.length
    entries.push({ step, coatsBefore: 0, fact: true })
    if (progress.status !== 'running')
      steps.push(progress.restSkipped ? coatsBetween(painted, 0, done) : painted)
    else {
      const meant = coatsMeant(step, part.id)
      steps.push(coatsBetween(painted, 0, Math.max(1, done)))
      if (isAct(step) && done < meant)
        later.push({
          entry: { step, coatsBefore: done, fact: false },
          step: coatsBetween(painted, done, meant),
        })
    }
  }
  const begun = new Set(started.map(({ step }) => step))
  for (const step of own) {
    const meant = coatsMeant(step, part.id)
    if (meant === 0 || begun.has(step)) continue
    later.push({
      entry: { step, coatsBefore: 0, fact: false },
      step: coatsBetween(asPainted(project, step), 0, meant),
    })
  }
  return {
    entries: [...entries, ...later.map(({ entry }) => entry)],
    steps: [...steps, ...later.map(({ step }) => step)],
    facts,
    since: started.reduce<number | null>(
      (least, { progress }) => Math.min(least ?? progress.startedAt, progress.startedAt),
      null,
    ),
  }
}

function factOf({ status, startedAt, coatEnds }: StepProgress): Fact {
  if (status === 'skipped') return 'skipped'
  return { start: startedAt / MINUTE, ends: coatEnds.map((end) => end / MINUTE) }
}

/** What was seen of the films that lie on a part, by index of their steps. */
function pacesOf(
  { project, log, correction }: BenchState,
  build: Build,
  part: Part,
  entries: readonly PartEntry[],
  facts: ReadonlyMap<number, Fact>,
  series: ClimateSeries,
): ReadonlyMap<number, Pace> {
  const { observed } = partLogOf(log, build.id, part.id)
  const paces = new Map<number, Pace>()
  if (observed.size === 0) return paces
  for (const [index, fact] of facts) {
    const step = entries[index]?.step
    const seen = step && observed.get(step.id)
    if (!seen || fact === 'skipped' || !isAct(step)) continue
    const resolved = resolveStep(asPainted(project, step) as ActStep, null)
    if (!resolved.drying || !resolved.family) continue
    const coats = resolved.coats.slice(0, Math.max(1, fact.ends.length))
    const film = { ...resolved.drying, coats, correction: correction(resolved.family, step) }
    const pace = paceOf(seen, film, (fact.ends.at(-1) ?? fact.start) * MINUTE, series)
    if (pace) paces.set(index, pace)
  }
  return paces
}

function hasFact({ status, coatEnds }: StepProgress): boolean {
  return status !== 'running' || coatEnds.length > 0
}

function factTime({ status, finishedAt, startedAt }: StepProgress): number {
  return status === 'skipped' ? (finishedAt ?? startedAt) : startedAt
}

const piecesOf = new WeakMap<Step, Map<string, Step>>()

/** A step with only some of its coats: the same object for the same step, all of it where nothing is left out. */
function coatsBetween(step: Step, from: number, to: number): Step {
  if (!isAct(step)) return step
  const coats = step.coats ?? ['light']
  if (from === 0 && to >= coats.length) return step
  const known = piecesOf.get(step) ?? new Map<string, Step>()
  piecesOf.set(step, known)
  const range = [from, to].join(' ')
  const piece = known.get(range) ?? { ...step, coats: coats.slice(from, to) }
  known.set(range, piece)
  return piece
}

/** The sequence of a part as the check reads it. */
export function sequenceOf(build: Build, part: Part, steps: readonly Step[]): Sequence {
  return {
    format: 'tectoria-sequence',
    version: 1,
    substrate: part.substrate,
    waits: 'auto',
    steps: [...steps],
    ...(build.scale === undefined ? {} : { scale: build.scale }),
    ...(build.use === undefined ? {} : { use: build.use }),
    ...(build.school === undefined ? {} : { school: build.school }),
    ...(part.lineDepthMm === undefined ? {} : { lineDepthMm: part.lineDepthMm }),
    ...(part.jointGapMm === undefined ? {} : { jointGapMm: part.jointGapMm }),
  }
}

/** A minute of a simulation as an instant, epoch milliseconds. */
export function instantOf(minute: number): number {
  return Math.round(minute * MINUTE)
}
