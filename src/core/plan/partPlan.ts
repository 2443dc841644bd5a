import { type StepProgress, stepKey } from '../journal'
import type { BuildAct, BuildStep, Project } from '../model/project'
import { isAct } from '../model/sequence'
import { closings, type Finding, type RuleName, type Verdict, verdictOf } from '../stack'
import { clocksOf, type DryingClock } from './clocks'
import { finalReview, type ReviewItem } from './finalReview'
import { type PartWalk, walkPart } from './partWalk'
import { type UndoNow, undoNow } from './undoNow'

const MINUTE = 60_000

export type StepStatus = 'done' | 'skipped' | 'running' | 'next' | 'planned'

/** One step of a part: where it stands, and when it would be done if hands were always free. */
export type StepPlan = {
  step: string
  status: StepStatus
  coats: number
  coatsDone: number
  from: number
  to: number
}

/** The act that is next on a part: from when, and until when. Instants in epoch milliseconds. */
export type NextAct = {
  step: string
  /** Coat to lay, from 1; null for an act without coats. */
  coat: number | null
  coats: number
  readyAt: number
  because: string | null
  /** End of its window; null: whenever. */
  closesAt: number | null
  closesBecause: string | null
}

/** A finding at a step of the build. */
export type PartFinding = Omit<Finding, 'step' | 'follows'> & {
  step: string
  /** The finding that it only follows from. */
  follows: { step: string; rule: RuleName } | null
  /** Index in the part's walked sequence, the one that edits speak of. */
  index: number
  /** Why the modeller takes it as it is; null: nobody has. */
  accepted: string | null
}

/** Everything that is known of one part. */
export type PartPlan = {
  build: string
  part: string
  verdict: Verdict
  findings: PartFinding[]
  steps: StepPlan[]
  clocks: DryingClock[]
  next: NextAct | null
  /** How the newest film comes off again. */
  undo: UndoNow | null
  /** How it stands to its use once everything meant is done. */
  review: ReviewItem[]
}

/** How many coats an act lays, by its step; 1 for everything else. */
export function coatsOf(step: unknown): number {
  const coats = (step as { coats?: readonly unknown[] }).coats
  return coats?.length ?? 1
}

/** Plans one part: findings, clocks and the next act. */
export function planPart(
  project: Project,
  buildId: string,
  partId: string,
  progress: ReadonlyMap<string, StepProgress>,
  now: number,
): { plan: PartPlan; walked: PartWalk } {
  const build = project.builds?.find((one) => one.id === buildId)
  const part = build?.parts.find((one) => one.id === partId)
  if (!build || !part) throw new RangeError(`planPart: no part "${partId}" of "${buildId}"`)
  const walked = walkPart(project, build, part, progress, now)
  const findings = findingsOf(walked)
  return {
    walked,
    plan: {
      build: build.id,
      part: part.id,
      verdict: verdictOf(findings.filter((one) => one.accepted === null)),
      findings,
      steps: stepPlans(walked, progress),
      clocks: clocksOf(walked, now),
      next: nextAct(walked),
      undo: undoNow(walked, now),
      review: finalReview(walked),
    },
  }
}

/** Findings of what is still to do: what is done is history. */
export function findingsOf(walked: PartWalk): PartFinding[] {
  return walked.findings.flatMap((finding) => {
    const place = walked.places[finding.step]
    if (!place || place.fact) return []
    const { step: index, follows, ...rest } = finding
    const head = follows && walked.places[follows.step]
    return [
      {
        ...rest,
        follows: follows && head && !head.fact ? { ...follows, step: head.step.id } : null,
        step: place.step.id,
        index,
        accepted: acceptedAs(place.step, rest.rule),
      },
    ]
  })
}

function acceptedAs(step: BuildStep, rule: string): string | null {
  const accepted = 'accepted' in step ? (step.accepted as BuildAct['accepted']) : undefined
  return accepted?.find((one) => one.rule === rule)?.reason ?? null
}

function stepPlans(walked: PartWalk, progress: ReadonlyMap<string, StepProgress>): StepPlan[] {
  const plans = new Map<string, StepPlan>()
  let open = true
  for (const { index, moment, ends } of walked.walk.walked) {
    const place = walked.places[index]
    if (!place) continue
    const id = place.step.id
    const known = progress.get(stepKey(walked.build.id, walked.part.id, id))
    const status: StepStatus = known?.status ?? (open ? 'next' : 'planned')
    if (!place.fact) open = false
    const from = walked.origin + moment.at * MINUTE
    const to = walked.origin + (ends.at(-1) ?? moment.at) * MINUTE
    const before = plans.get(id)
    plans.set(id, {
      step: id,
      status,
      coats: coatsOf(place.step),
      coatsDone: known?.coatEnds.length ?? 0,
      from: before?.from ?? from,
      to,
    })
  }
  walked.places.forEach((place, index) => {
    if (walked.options.facts?.get(index) !== 'skipped') return
    plans.set(place.step.id, {
      step: place.step.id,
      status: 'skipped',
      coats: coatsOf(place.step),
      coatsDone: 0,
      from: walked.origin,
      to: walked.origin,
    })
  })
  return [...plans.values()]
}

function nextAct(walked: PartWalk): NextAct | null {
  const first = walked.walk.walked.find((one) => !walked.places[one.index]?.fact)
  const place = first && walked.places[first.index]
  if (!first || !place) return null
  const wait = walked.walk.waits.find((one) => one.before === first.index)
  const closing = closings(first.moment)[0]
  const coats = coatsOf(place.step)
  const laysCoats = isAct(place.step) && first.moment.work.row.kind === 'film'
  return {
    step: place.step.id,
    coat: laysCoats ? place.coatsBefore + 1 : null,
    coats,
    readyAt: walked.origin + first.moment.at * MINUTE,
    because: wait?.because ?? null,
    closesAt: closing ? walked.origin + closing.at * MINUTE : null,
    closesBecause: closing?.because ?? null,
  }
}
