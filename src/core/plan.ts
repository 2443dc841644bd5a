import { progressOf } from './journal'
import type { Project } from './model/project'
import { type PartFinding, type PartPlan, planPart } from './plan/partPlan'
import type { PartWalk } from './plan/partWalk'
import {
  type CoatsToCover,
  coatsToCover,
  type LastCoat,
  lastCoat,
  type Remedy,
  remediesFor,
} from './stack'

export { type AddedStep, addTechnique, type Chosen, type Proposal } from './plan/addTechnique'
export { bare } from './plan/bare'
export { benchQueue, type QueueItem } from './plan/benchQueue'
export { type Drawn, drawDown, type PouredIn, pourInto, thinnerFor } from './plan/bottles'
export { type BuildOutlook, buildOutlooks } from './plan/buildOutlook'
export {
  climateOf,
  climateSeries,
  dailyPattern,
  GAP_HOURS,
  latestClimate,
} from './plan/climateSeries'
export type { DryingClock } from './plan/clocks'
export { type Learnt, learntFrom, type Ratio, ratiosOf } from './plan/corrections'
export { type BuildCost, costsOf, type Wear, wearOf } from './plan/cost'
export { type CureCurve, cureCurve } from './plan/cureCurve'
export { editBuild } from './plan/editBuild'
export { faceOfPart } from './plan/faceOfPart'
export { FILTER_CHANGED, sprayedSinceFilter } from './plan/filterHours'
export type { ReviewItem } from './plan/finalReview'
export { findingsOfBuild, type JudgedBuild, judgeBuild, judgeBuildAt } from './plan/judgeBuild'
export { type Unbalanced, unbalancedParts } from './plan/leftRight'
export type { LostWindow } from './plan/lostWindows'
export { type MixLabel, mixLabel } from './plan/mixLabel'
export {
  chainOf,
  finishOf,
  type Move,
  type PlanDifference,
  planDifference,
  type Why,
} from './plan/moves'
export { buildFromStarter } from './plan/newBuild'
export { bottlesFor, mixOfStep, paintFor } from './plan/paintFor'
export type { NextAct, PartFinding, PartPlan, StepPlan, StepStatus } from './plan/partPlan'
export { coatsOf, planPart } from './plan/partPlan'
export { stepsOfPart } from './plan/partWalk'
export {
  type GradedWashes,
  type GradientBand,
  gradedWashes,
  type LinedBy,
  type LiningAnswer,
  type LiningQuestion,
  pickLining,
  washGradient,
} from './plan/pickLining'
export { type Place, placesFor } from './plan/places'
export {
  type BenchPlan,
  benchBuilds,
  type PlanOptions,
  planBench,
  planParts,
  type ScheduledTask,
} from './plan/planBench'
export { type SchoolEffect, schoolEffect } from './plan/schoolEffect'
export { type CardAct, type SessionCard, sessionCard, tasksIn } from './plan/sessionCard'
export { bottlePaint, mixableFamilies, mixablePaints, type ShelfPaint } from './plan/shelfColours'
export { SHELF_RULES, type ShelfFinding, shelfFindings } from './plan/shelfRules'
export {
  type MissingTool,
  missingTools,
  type Shortage,
  type Substitute,
  shortages,
  substitutesFor,
} from './plan/shopping'
export { bottleAsPaint, type Paint, type StepCard, stepCard } from './plan/stepCard'
export type { PlannedTask } from './plan/tasks'
export { type TechniqueNumbers, techniqueNumbers } from './plan/techniqueNumbers'
export { type RunningTimer, runningTimers, TIMER_MINUTES } from './plan/timers'
export type { UndoNow } from './plan/undoNow'
export { type Use, usesOf } from './plan/uses'
export { waitBetween } from './plan/waitBetween'
export { outcomeOf, type PlanOutcome, supposed, type WhatIf } from './plan/whatIf'

/** One part judged for its screen: its plan, every finding with its ways out, the order the edits speak of, its clears. */
export type JudgedPart = {
  plan: PartPlan
  findings: JudgedFinding[]
  order: string[]
  /** What each planned clear does to what is under it, by step of the build. */
  coats: Map<string, LastCoat>
  /** How many coats a planned colour takes: reckoned when a step of the build is asked for. */
  cover: (step: string) => CoatsToCover | null
}
export type JudgedFinding = PartFinding & { remedies: Remedy[] }

/**
 * Judges one part of a build with its ways out, each tried against the facts.
 *
 * @throws RangeError if the project has no such part
 */
export function judgePart(project: Project, build: string, part: string, now: number): JudgedPart {
  const progress = progressOf(project.acts ?? [])
  const { plan, walked } = planPart(project, build, part, progress, now)
  const coats = walked.walk.walked.flatMap((one): [string, LastCoat][] => {
    const coat = lastCoat(one)
    const place = walked.places[one.index]
    return coat && place && !place.fact ? [[place.step.id, coat]] : []
  })
  const cover = (step: string) => {
    const one = walked.walk.walked.find(({ index }) => {
      const place = walked.places[index]
      return place?.step.id === step && !place.fact
    })
    return one ? coatsToCover(one) : null
  }
  return {
    plan,
    cover,
    coats: new Map(coats),
    order: walked.places.map((place) => place.step.id),
    findings: plan.findings.map((finding) => ({ ...finding, remedies: waysOut(walked, finding) })),
  }
}

/** The ways out of one finding; none for what only follows from another, or is taken as it is. */
function waysOut({ walk, sequence, options }: PartWalk, finding: PartFinding): Remedy[] {
  if (finding.follows || finding.accepted !== null) return []
  const drafted = walk.drafts.find((one) => one.rule === finding.rule && one.step === finding.index)
  return drafted ? remediesFor(sequence, walk, drafted, options) : []
}
