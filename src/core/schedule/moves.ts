import { mustMove } from '../bench/mustMove'
import { type Hold, whyNotEarlier } from '../bench/whyNotEarlier'
import { key, stepOf } from '../model/stepRef'
import type { BenchPlan, ScheduledTask } from './planBench'

const MINUTE = 60_000
/** A task that moves by less than this, ms, has not moved. */
const MOVED = 3 * MINUTE

/** From so much on, ms, an act goes to another session. */
const FAR = 60 * MINUTE

/** A step of a part that the new plan puts elsewhere. Instants in epoch milliseconds. */
export type Move = {
  build: string
  part: string
  step: string
  task: string
  from: number
  to: number
  why: Why
}

/** Why a task lies where it does: what holds it, where that leads, and what it had to wait for. */
export type Why = {
  task: string
  start: number
  hold: Hold
  /** It could go on then, but no session lay there, or the air didn't bear it; null: at once. */
  wantedAt: number | null
  /** What the air does to it until then, where that is why. */
  air: string | null
}

/** What the running plan and a new one say differently of one step. */
export type PlanDifference = {
  moves: Move[]
  /** When everything is done: before, and now. */
  finish: { from: number | null; to: number | null }
}

/** When everything on the bench is done; null while there is no plan. */
export function finishOf({ schedule, zero }: Pick<BenchPlan, 'schedule' | 'zero'>): number | null {
  const makespan = schedule?.makespan ?? null
  return makespan === null ? null : zero + makespan * MINUTE
}

/**
 * What moves from one plan to the next, the first task of each step, with what holds it now: what can't stay comes first, then what
 * goes to another session, then what shifts within one.
 *
 * Source: handbook 7.4.
 */
export function planDifference(before: BenchPlan, after: BenchPlan): PlanDifference {
  const old = new Map(before.tasks.map((task) => [task.id, task.start]))
  const told = new Set<string>()
  const moves = [...after.tasks]
    .sort((a, b) => (a.start ?? 0) - (b.start ?? 0))
    .flatMap((task): Move[] => {
      const from = old.get(task.id) ?? null
      const step = key(stepOf(task))
      if (from === null || task.start === null || told.has(step)) return []
      // What was due before now and isn't done moves whatever the plan says.
      if (Math.abs(task.start - from) < MOVED) return []
      told.add(step)
      const why = whyHere(after, task, from)
      const { build, part, start } = task
      return why ? [{ build, part, step: task.step, task: task.id, from, to: start, why }] : []
    })
  const forced = forcedFrom(old, after)
  const rank = (move: Move) => (forced.has(move.task) ? 0 : 2) + (farMoved(move) ? 0 : 1)
  moves.sort((a, b) => rank(a) - rank(b) || a.to - b.to)
  return { moves, finish: { from: finishOf(before), to: finishOf(after) } }
}

function farMoved({ from, to }: Move): boolean {
  return Math.abs(to - from) >= FAR
}

/** Tasks that can't stay where the plan before had them. */
function forcedFrom(old: ReadonlyMap<string, number | null>, after: BenchPlan): Set<string> {
  const starts: Record<string, number> = {}
  for (const { id, job } of after.tasks) {
    const start = old.get(id) ?? null
    if (start !== null) starts[job] = Math.round((start - after.zero) / MINUTE)
  }
  const forced = mustMove(after.problem, starts)
  return new Set(after.tasks.filter(({ job }) => forced.has(job)).map(({ id }) => id))
}

/**
 * The chain that holds a task where it is; empty while there is no plan.
 *
 * @param most links of it at the most
 * Source: handbook 7.4.
 */
export function chainOf(plan: BenchPlan, id: string, most?: number): Why[] {
  if (!plan.schedule || plan.schedule.makespan === null) return []
  const tasks = new Map(plan.tasks.map((task) => [task.id, task]))
  const instant = (minute: number) => plan.zero + minute * MINUTE
  const job = tasks.get(id)?.job ?? id
  return whyNotEarlier(plan.problem, plan.schedule.starts, job, most).map((link) => {
    const task = tasks.get(wholeOf(link.task))
    return {
      task: wholeOf(link.task),
      start: instant(link.start),
      hold: wholeHold(link.hold),
      wantedAt: link.wantedAt === null ? null : instant(link.wantedAt),
      air: task ? airBetween(task, link.wantedAt, link.start) : null,
    }
  })
}

/** The task that a piece is one of. */
function wholeOf(job: string): string {
  return job.replace(/\+\d+$/, '')
}

function wholeHold(hold: Hold): Hold {
  switch (hold.kind) {
    case 'wait':
    case 'hands':
    case 'clean-out':
      return { ...hold, from: wholeOf(hold.from) }
    case 'window':
      return { ...hold, before: wholeOf(hold.before) }
    default:
      return hold
  }
}

/** What holds a task that was planned for another instant: the air, where that was closed to it then. */
function whyHere(plan: BenchPlan, task: ScheduledTask, from: number): Why | null {
  const why = chainOf(plan, task.id, 1)[0]
  if (!why) return null
  const minute = (from - plan.zero) / MINUTE
  const closed = (task.closed ?? []).some(([a, b]) => a < minute + task.minutes && b > minute)
  return closed ? { ...why, air: task.closedBecause ?? null } : why
}

/** The air is named where the task could have been laid into a session that it was closed in. */
function airBetween(task: ScheduledTask, wantedAt: number | null, start: number): string | null {
  if (wantedAt === null || !task.closedBecause) return null
  return (task.closed ?? []).some(([a, b]) => a < start && b > wantedAt) ? task.closedBecause : null
}
