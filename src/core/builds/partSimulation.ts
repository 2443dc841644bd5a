import type { Pace } from '../drying/clock'
import { type Observation, observationsOf } from '../log/observations'
import type { StepProgress } from '../log/progress'
import type { Build, BuildStep, Part } from '../model/build'
import { coatsMeant } from '../model/coats'
import { isAct } from '../model/isAct'
import type { LoggedAct } from '../model/loggedAct'
import type { Project } from '../model/project'
import type { ActStep, Sequence, Step } from '../model/sequence'
import { key, partOf, refOf, stepOf } from '../model/stepRef'
import type { Family } from '../model/vocabulary'
import { climateSeries } from '../room/climateSeries'
import { correctionOf, paceOf } from '../room/corrections'
import { asPainted } from '../shelf/sheet'
import { simulate } from '../stack/simulate/simulate'
import type { Fact, SimulateOptions, Simulation } from '../stack/simulate/simulation'
import { resolveStep } from '../stack/state/resolvedStep'
import { usedPairs } from './usedPairs'

const MINUTE = 60_000

/** A place in the walked sequence: the step of the build it stands for, and the coats done before it. */
export type PartEntry = { step: BuildStep; coatsBefore: number; fact: boolean }

/** A part's sequence as it is walked: what happened first, then what is meant, in order. */
export type PartSimulation = {
  build: Build
  part: Part
  /** Epoch milliseconds of minute 0. */
  origin: number
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
 * Walks one part of a build from its facts and its plan.
 *
 * @param progress by `key`, derived from the log
 * @param now epoch milliseconds; what isn't done begins no sooner
 * @param walkWith walks the sequence; a caller that has walked one like it may take that up
 */
export function simulatePart(
  project: Project,
  build: Build,
  part: Part,
  progress: ReadonlyMap<string, StepProgress>,
  now: number,
  simulateWith: typeof simulate = simulate,
): PartSimulation {
  const steps = stepsOfPart(build, part.id)
  const started = startedSteps(build, part, steps, progress)
  started.sort((a, b) => factTime(a.one) - factTime(b.one))
  const origin = Math.min(now, ...started.map(({ one }) => one.startedAt))
  const minute = (at: number) => (at - origin) / MINUTE
  const entries: PartEntry[] = []
  const simulated: Step[] = []
  const facts = new Map<number, Fact>()
  const later: { entry: PartEntry; step: Step }[] = []
  for (const { step, one } of started) {
    const fact: Fact =
      one.status === 'skipped'
        ? 'skipped'
        : { start: minute(one.startedAt), ends: one.coatEnds.map(minute) }
    facts.set(simulated.length, fact)
    const painted = asPainted(project, step)
    const done = one.coatEnds.length
    const meant = coatsMeant(step, part.id)
    entries.push({ step, coatsBefore: 0, fact: true })
    if (one.status !== 'running') simulated.push(painted)
    else {
      simulated.push(coatsBetween(painted, 0, Math.max(1, done)))
      if (isAct(step) && done < meant)
        later.push({
          entry: { step, coatsBefore: done, fact: false },
          step: coatsBetween(painted, done, meant),
        })
    }
  }
  for (const step of steps) {
    const meant = coatsMeant(step, part.id)
    if (meant === 0 || started.some((one) => one.step === step)) continue
    later.push({
      entry: { step, coatsBefore: 0, fact: false },
      step: coatsBetween(asPainted(project, step), 0, meant),
    })
  }
  for (const { entry, step } of later) {
    entries.push(entry)
    simulated.push(step)
  }
  const sequence = sequenceOf(build, part, simulated)
  const pairs = pairsOf(project, progress)
  const series = climateSeries(project, origin, now)
  const correction = correctionOf(project)
  const options: SimulateOptions = {
    facts,
    notBefore: minute(now),
    series,
    correction,
    paces: pacesOf(project, build, part, entries, facts, origin, now, correction),
    shelf: project.shelf ?? [],
    ...(pairs ? { usedPairs: pairs } : {}),
  }
  const done = simulateWith(sequence, options)
  return { build, part, origin, sequence, options, entries, simulation: done }
}

const seenIn = new WeakMap<readonly LoggedAct[], Map<string, Observation[]>>()

/** Every observation by its film; the log is asked once for all parts. */
function observedBy(acts: readonly LoggedAct[]): Map<string, Observation[]> {
  const found = seenIn.get(acts)
  if (found) return found
  const observed = new Map<string, Observation[]>()
  for (const seen of observationsOf(acts)) {
    const step = key(stepOf(seen))
    observed.set(step, [...(observed.get(step) ?? []), seen])
  }
  seenIn.set(acts, observed)
  return observed
}

/** What was seen of the films that lie on a part, by index of their steps. */
function pacesOf(
  project: Project,
  build: Build,
  part: Part,
  entries: readonly PartEntry[],
  facts: ReadonlyMap<number, Fact>,
  origin: number,
  now: number,
  correction: (family: Family, step: ActStep) => number,
): ReadonlyMap<number, Pace> {
  const observed = observedBy(project.acts ?? NOTHING)
  const paces = new Map<number, Pace>()
  if (observed.size === 0) return paces
  for (const [index, fact] of facts) {
    const step = entries[index]?.step
    const seen = step && observed.get(key({ build: build.id, part: part.id, step: step.id }))
    if (!seen || fact === 'skipped' || !isAct(step)) continue
    const resolved = resolveStep(asPainted(project, step) as ActStep, null)
    if (!resolved.drying || !resolved.family) continue
    const start = origin + (fact.ends.at(-1) ?? fact.start) * MINUTE
    const coats = resolved.coats.slice(0, Math.max(1, fact.ends.length))
    const film = { ...resolved.drying, coats, correction: correction(resolved.family, step) }
    const pace = paceOf(seen, film, start, climateSeries(project, start, now))
    if (pace) paces.set(index, pace)
  }
  return paces
}

const NOTHING: readonly LoggedAct[] = []

const pairsKnown = new WeakMap<
  ReadonlyMap<string, StepProgress>,
  { pairs: ReadonlySet<string> | undefined }
>()

/** The log is asked once for all parts. */
function pairsOf(project: Project, progress: ReadonlyMap<string, StepProgress>) {
  const known = pairsKnown.get(progress) ?? { pairs: usedPairs(project, progress) }
  pairsKnown.set(progress, known)
  return known.pairs
}

/** Parts that anything was logged of, as keys without the step. */
const partsBegun = new WeakMap<ReadonlyMap<string, StepProgress>, ReadonlySet<string>>()

function startedSteps(
  build: Build,
  part: Part,
  steps: readonly BuildStep[],
  progress: ReadonlyMap<string, StepProgress>,
) {
  const begun =
    partsBegun.get(progress) ??
    new Set(
      [...progress.keys()].flatMap((step) => refOf(step) ?? []).map((ref) => key(partOf(ref))),
    )
  partsBegun.set(progress, begun)
  if (!begun.has(key({ build: build.id, part: part.id }))) return []
  return steps.flatMap((step) => {
    const one = progress.get(key({ build: build.id, part: part.id, step: step.id }))
    return one && hasFact(one) ? [{ step, one }] : []
  })
}

function hasFact(one: StepProgress): boolean {
  return one.status !== 'running' || one.coatEnds.length > 0
}

function factTime(one: StepProgress): number {
  return one.status === 'skipped' ? (one.finishedAt ?? one.startedAt) : one.startedAt
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
