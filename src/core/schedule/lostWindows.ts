import type { BenchProblem, BenchTask } from '../bench/problem'
import { type Solution, type SolveOptions, solve } from '../bench/solve'
import { withMaxGap } from '../bench/solver/conflict'

/** A window that can't be kept any more, and that the plan was made without. */
export type LostWindow =
  /** The task had to begin by this minute. */
  | { kind: 'own'; task: string; latest: number }
  /** It had to begin so long after another. */
  | { kind: 'link'; task: string; from: string; maxGap: number }

/** How many windows are given up before there is no plan. */
const MOST_LOST = 12

/**
 * A plan that keeps what can be kept: where no plan keeps every window, the clashing ones are given up, one after the other,
 * and named. Work that is late is still planned.
 *
 * Source: handbook 7.2, 7.4.
 */
export function solveAnyway(
  problem: BenchProblem,
  options: SolveOptions,
): { strict: Solution; schedule: Solution; lost: LostWindow[] } {
  const strict = solve(problem, options)
  let schedule = strict
  let relaxed = problem
  const lost: LostWindow[] = []
  while (schedule.status === 'infeasible' && schedule.clash && lost.length < MOST_LOST) {
    const given = giveUp(relaxed, schedule.clash)
    if (!given) break
    lost.push(given.lost)
    relaxed = given.problem
    schedule = solve(relaxed, options)
  }
  return schedule.makespan === null
    ? { strict, schedule: strict, lost: [] }
    : { strict, schedule, lost }
}

/** Drops one window of a clash: a task's own first, which is a fact that nobody can move. */
function giveUp(
  problem: BenchProblem,
  clash: NonNullable<Solution['clash']>,
): { problem: BenchProblem; lost: LostWindow } | null {
  const tasks = problem.tasks ?? []
  const own = tasks.find((task) => clash.tasks.includes(task.id) && task.latest !== undefined)
  if (own?.latest !== undefined) {
    const without = tasks.map((task): BenchTask => {
      if (task !== own) return task
      const { latest, ...rest } = task
      return rest
    })
    return {
      problem: { ...problem, tasks: without },
      lost: { kind: 'own', task: own.id, latest: own.latest },
    }
  }
  const window = clash.windows[0]
  if (!window) return null
  return {
    problem: withMaxGap(problem, window, null),
    lost: { kind: 'link', task: window.to, from: window.from, maxGap: window.maxGap },
  }
}
