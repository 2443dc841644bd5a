import {
  type BenchProblem,
  minutesFrom,
  quietBetween,
  type Session,
  type Solution,
  type SolveOptions,
  sessionsBetween,
  solve,
} from './bench'
import { progressOf } from './journal'
import type { Project } from './model/project'
import { type PartFinding, type PartPlan, planPart } from './plan/partPlan'
import type { PartWalk } from './plan/partWalk'
import { type ShelfFinding, shelfFindings } from './plan/shelfRules'
import { type PlannedTask, tasksOf } from './plan/tasks'
import { type LastCoat, lastCoat, type Remedy, remediesFor } from './stack'

export { type AddedStep, addTechnique, type Chosen, type Proposal } from './plan/addTechnique'
export { benchQueue, type QueueItem } from './plan/benchQueue'
export { climateOf, climateSeries, dailyPattern, GAP_HOURS } from './plan/climateSeries'
export type { DryingClock } from './plan/clocks'
export { type Learnt, learntFrom, type Ratio, ratiosOf } from './plan/corrections'
export { editBuild } from './plan/editBuild'
export { FILTER_CHANGED, sprayedSinceFilter } from './plan/filterHours'
export type { ReviewItem } from './plan/finalReview'
export { findingsOfBuild, type JudgedBuild, judgeBuild, judgeBuildAt } from './plan/judgeBuild'
export { type Unbalanced, unbalancedParts } from './plan/leftRight'
export {
  chainOf,
  finishOf,
  type Move,
  type PlanDifference,
  planDifference,
  type Why,
} from './plan/moves'
export { buildFromStarter } from './plan/newBuild'
export { bottlesFor } from './plan/paintFor'
export type { NextAct, PartFinding, PartPlan, StepPlan, StepStatus } from './plan/partPlan'
export { coatsOf } from './plan/partPlan'
export { bare, stepsOfPart } from './plan/partWalk'
export { type SchoolEffect, schoolEffect } from './plan/schoolEffect'
export { SHELF_RULES, type ShelfFinding, shelfFindings } from './plan/shelfRules'
export { type Paint, type StepCard, stepCard } from './plan/stepCard'
export type { PlannedTask } from './plan/tasks'
export { type TechniqueNumbers, techniqueNumbers } from './plan/techniqueNumbers'
export type { UndoNow } from './plan/undoNow'
export { outcomeOf, type PlanOutcome, supposed, type WhatIf } from './plan/whatIf'

/** How far ahead the bench is planned, minutes: 60 days. */
const HORIZON = 60 * 1440
const MINUTE = 60_000

/** A task with the instant it is planned for; null while there is no plan. */
export type ScheduledTask = PlannedTask & { start: number | null }

/** Everything that follows from a project at an instant. */
export type BenchPlan = {
  now: number
  parts: PartPlan[]
  tasks: ScheduledTask[]
  /** What the shelf says of what is planned. */
  shelf: ShelfFinding[]
  /** The problem that was solved; minute 0 is `zero`. */
  problem: BenchProblem
  /** Epoch milliseconds of minute 0. */
  zero: number
  /** null while nobody has said when they are at the bench. */
  schedule: Solution | null
  /** Sessions ahead, the running one first. */
  sessions: Session[]
}

/** Builds that are on the bench. */
function benchBuilds(project: Project) {
  return (project.builds ?? []).filter((build) => build.shelved !== true)
}

/** What every part says by itself: findings, clocks, next act. Fast: no schedule. */
export function planParts(project: Project, now: number): { plan: PartPlan; walked: PartWalk }[] {
  const progress = progressOf(project.acts ?? [])
  return benchBuilds(project).flatMap((build) =>
    build.parts.map((part) => planPart(project, build.id, part.id, progress, now)),
  )
}

/** How the bench is planned: the solver's options, and the plan to go on from. */
export type PlanOptions = Omit<SolveOptions, 'guide'> & {
  /** The plan so far: what has no reason to move keeps its order. */
  before?: Pick<BenchPlan, 'zero' | 'schedule'> | null
}

/**
 * The whole bench: what every part says, the tasks they ask of the hands, and a schedule through the sessions.
 *
 * @param now epoch milliseconds
 */
export function planBench(project: Project, now: number, options: PlanOptions = {}): BenchPlan {
  const parts = planParts(project, now)
  const zero = Math.ceil(now / MINUTE) * MINUTE
  const all = parts.map(({ walked }) => tasksOf(walked, (zero - walked.origin) / MINUTE))
  const tasks = all.flatMap((one) => one.tasks)
  const end = zero + HORIZON * MINUTE
  const sessions = project.sessions ? sessionsBetween(project.sessions, now, end) : []
  const problem: BenchProblem = {
    format: 'tectoria-bench-problem',
    version: 1,
    horizonMinutes: HORIZON,
    availability: minutesFrom(zero, sessions),
    quiet: project.sessions ? minutesFrom(zero, quietBetween(project.sessions, now, end)) : [],
    resources: { airbrush: 1, booth: 1 },
    tasks: tasks.map(({ build, part, step, coat, closedBecause, ...task }) => task),
    links: all.flatMap((one) => one.links),
    changeover: { resource: 'airbrush', minutes: project.sessions?.changeoverMinutes ?? 8 },
  }
  const schedule = project.sessions ? solve(problem, solveOptions(options, zero)) : null
  const plans = parts.map(({ plan }) => plan)
  return {
    now,
    parts: plans,
    shelf: shelfFindings(project, plans, now),
    tasks: tasks.map((task) => ({ ...task, start: startOf(schedule, task.id, zero) })),
    problem,
    zero,
    schedule,
    sessions,
  }
}

/** Starts of the plan before, in minutes from the new zero. */
function solveOptions({ before, ...options }: PlanOptions, zero: number): SolveOptions {
  if (!before?.schedule) return options
  const shift = (before.zero - zero) / MINUTE
  const guide = Object.fromEntries(
    Object.entries(before.schedule.starts).map(([id, start]) => [id, start + shift]),
  )
  return { ...options, guide }
}

function startOf(schedule: Solution | null, id: string, zero: number): number | null {
  const minute = schedule?.starts[id]
  return minute === undefined ? null : zero + minute * MINUTE
}

/** One part judged for its screen: its plan, every finding with its ways out, the order the edits speak of, its clears. */
export type JudgedPart = {
  plan: PartPlan
  findings: JudgedFinding[]
  order: string[]
  /** What each planned clear does to what is under it, by step of the build. */
  coats: Map<string, LastCoat>
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
  return {
    plan,
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
