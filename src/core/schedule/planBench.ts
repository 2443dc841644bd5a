import { minutesFrom, quietBetween, type Session, sessionsBetween } from '../bench/calendar'
import type { BenchProblem } from '../bench/problem'
import type { Solution, SolveOptions } from '../bench/solve'
import type { BenchState } from '../builds/benchState'
import type { PartPlan } from '../builds/partPlan'
import { type PlannedPart, planParts } from '../builds/planParts'
import type { Pin } from '../model/bench'
import { key, stepOf } from '../model/stepRef'
import { type ShelfFinding, shelfFindings } from '../stock/shelfRules'
import { type LostWindow, solveAnyway } from './lostWindows'
import { type PlannedTask, tasksOf } from './tasks'

/** How far ahead the bench is planned, minutes: 60 days. */
const HORIZON = 60 * 1440
const MINUTE = 60_000

/** A task with the instant it is planned for; null while there is no plan. */
export type ScheduledTask = PlannedTask & { start: number | null }

/** Everything that follows from a project at an instant. */
export type BenchPlan = {
  now: number
  tasks: ScheduledTask[]
  /** What the shelf says of what is planned. */
  shelf: ShelfFinding[]
  /** The problem that was solved; minute 0 is `zero`. */
  problem: BenchProblem
  /** Epoch milliseconds of minute 0. */
  zero: number
  /** null while nobody has said when they are at the bench. */
  schedule: Solution | null
  /** The answer with every window kept: the same, or why there is none. */
  strict: Solution | null
  /** Windows that the plan was made without, since no plan keeps them. */
  lost: LostWindow[]
  /** Sessions ahead, the running one first. */
  sessions: Session[]
}

/** A plan with what every part says. */
export type WholePlan = BenchPlan & { parts: PartPlan[] }

/** A plan as far as the next one goes on from it. */
export type RunningPlan = Pick<BenchPlan, 'zero' | 'schedule'>

/** How the bench is planned: the solver's options, and the plan to go on from. */
export type PlanOptions = Omit<SolveOptions, 'guide'> & {
  /** The plan so far: what has no reason to move keeps its order. */
  before?: RunningPlan | null
}

/**
 * The whole bench: what every part says, the tasks they ask of the hands, and a schedule through the sessions.
 *
 * @param now epoch milliseconds
 * @param parts what every part says at that instant, where that is known already
 */
export function planBench(
  state: BenchState,
  now: number,
  options: PlanOptions = {},
  parts: readonly PlannedPart[] = planParts(state, now),
): WholePlan {
  const { project } = state
  const zero = Math.ceil(now / MINUTE) * MINUTE
  const all = parts.map(({ simulated }) => tasksOf(simulated, zero / MINUTE))
  const tasks = withPins(
    all.flatMap((part) => part.tasks),
    project.pins ?? [],
    zero,
  )
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
    links: all.flatMap((part) => part.links),
    changeover: { resource: 'airbrush', minutes: project.sessions?.changeoverMinutes ?? 8 },
  }
  const solved = project.sessions ? solveAnyway(problem, solveOptions(options, zero)) : null
  const schedule = solved?.schedule ?? null
  const plans = parts.map(({ plan }) => plan)
  return {
    now,
    parts: plans,
    shelf: shelfFindings(state, plans, now),
    tasks: tasks.map((task) => ({ ...task, start: startOf(schedule, task.id, zero) })),
    problem,
    zero,
    schedule,
    strict: solved?.strict ?? null,
    lost: solved?.lost ?? [],
    sessions,
  }
}

/** Acts that were put into a session by hand begin in it; a pin that lies behind is over. */
function withPins(tasks: PlannedTask[], pins: readonly Pin[], zero: number): PlannedTask[] {
  const minutes = (at: string) => Math.floor((Date.parse(at) - zero) / MINUTE)
  const pinOf = new Map(pins.map((pin) => [pin.id, pin]))
  const seen = new Set<string>()
  return tasks.map((task) => {
    const id = key(stepOf(task))
    const pin = pinOf.get(id)
    if (!pin || seen.has(id)) return task
    seen.add(id)
    const latest = minutes(pin.to) - task.minutes
    if (latest < 0) return task
    return {
      ...task,
      earliest: Math.max(task.earliest ?? 0, minutes(pin.from), 0),
      latest: Math.min(task.latest ?? latest, latest),
    }
  })
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
