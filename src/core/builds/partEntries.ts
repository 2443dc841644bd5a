import { actRow } from '../knowledge/acts'
import { partLogOf } from '../log/logIndex'
import type { StepProgress } from '../log/progress'
import type { Build, BuildStep, Part } from '../model/build'
import { coatsMeant } from '../model/coats'
import { isAct } from '../model/isAct'
import type { Project } from '../model/project'
import type { ActStep, Step, WaitStep } from '../model/sequence'
import { asPainted, madeOf, saidBeside } from '../shelf/sheet'
import type { Fact } from '../stack/simulate/simulation'
import type { BenchState } from './benchState'
import { decalFilmOn } from './decals'
import { timed } from './handsOn'
import { stepsOfPart } from './partSequence'
import type { PartEntry } from './simulatedPart'
import { namedAmong, zonesOf } from './zoneRegions'

const MINUTE = 60_000

/** A part's steps in the order in which they are simulated, and what of them is done. */
export type PartEntries = {
  entries: PartEntry[]
  steps: Step[]
  facts: ReadonlyMap<number, Fact>
  /** When the first of it was begun, epoch milliseconds; null: nothing was. */
  since: number | null
}

/** What happened first, in order of time, then what is left of it and what is meant, in order of work. */
export function entriesOf(
  { project, log, hands }: BenchState,
  build: Build,
  part: Part,
): PartEntries {
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
    const painted = timed(walked(project, build, part, step), part, hands)
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
  for (const [i, step] of own.entries()) {
    const meant = coatsMeant(step, part.id)
    if (meant === 0 || begun.has(step)) continue
    // A wait is over once what it was before has begun.
    const next = isAct(step) ? step : own.slice(i).find(isAct)
    if (next && begun.has(next)) continue
    const isFirst = steps.length === 0 && later.every(({ step: before }) => !isAct(before))
    later.push({
      entry: { step, coatsBefore: 0, fact: false },
      step:
        !isAct(step) && isFirst
          ? atOnce(step)
          : coatsBetween(timed(walked(project, build, part, step), part, hands), 0, meant),
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

const unnamed = new WeakMap<ActStep, Step>()

/** A step of which a part's zones are not spoken: it is for all of it, whatever it names elsewhere. */
function nowhere(step: ActStep): Step {
  if (!step.zones) return step
  const known = unnamed.get(step)
  if (known) return known
  const { zones: _, ...rest } = step
  const made = madeOf(step, rest as ActStep)
  unnamed.set(step, made)
  return made
}

/** A step as it is walked on a part: painted from its bottle, decals with what their sheets are printed on. */
function walked(project: Project, build: Build, part: Part, step: BuildStep): Step {
  const meant = asPainted(project, step)
  const painted =
    isAct(meant) && !namedAmong(meant, zonesOf(build, part.id)) ? nowhere(meant) : meant
  if (!isAct(painted) || painted.decalFilm || actRow(painted.do, painted.family).role !== 'decal')
    return painted
  const film = decalFilmOn(build, part)
  return film ? saidBeside(painted, { decalFilm: film }) : painted
}

function factOf({ status, startedAt, coatEnds }: StepProgress): Fact {
  if (status === 'skipped') return 'skipped'
  return { start: startedAt / MINUTE, ends: coatEnds.map((end) => end / MINUTE) }
}

function hasFact({ status, coatEnds }: StepProgress): boolean {
  return status !== 'running' || coatEnds.length > 0
}

function factTime({ status, finishedAt, startedAt }: StepProgress): number {
  return status === 'skipped' ? (finishedAt ?? startedAt) : startedAt
}

const withoutWait = new WeakMap<WaitStep, WaitStep>()

/** A wait before anything was done has nothing to count from, and would begin anew with every minute. */
function atOnce(step: WaitStep): WaitStep {
  const known = withoutWait.get(step) ?? { ...step, wait: '0 min' }
  withoutWait.set(step, known)
  return known
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
