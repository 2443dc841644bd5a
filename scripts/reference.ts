import loadHighs from 'highs'
import {
  type BenchProblem,
  type Interval,
  mergeIntervals,
  subtractIntervals,
} from '../src/core/bench'

/** An exact answer from a general solver: the least makespan, null where there is none, `open` where time ran out. */
export type Reference = number | null | 'open'

type Lines = { rows: string[]; general: string[]; binary: string[]; bounds: string[] }

/** Starts that the sessions and quiet hours allow, by task. */
function rangesOf(problem: BenchProblem, task: NonNullable<BenchProblem['tasks']>[number]) {
  const open = mergeIntervals(problem.availability ?? [])
  const allowed = task.noisy ? subtractIntervals(open, mergeIntervals(problem.quiet ?? [])) : open
  return allowed.flatMap(([from, to]): Interval[] => {
    const first = Math.max(from, task.earliest ?? 0)
    const last = Math.min(
      Math.min(to, problem.horizonMinutes) - task.minutes,
      task.latest ?? Number.POSITIVE_INFINITY,
    )
    return last >= first ? [[first, last]] : []
  })
}

/** The problem of handbook 7.3 as a mixed-integer programme, written out; null: a task fits nowhere. */
function programme(problem: BenchProblem): string | null {
  const tasks = problem.tasks ?? []
  const lines: Lines = { rows: [], general: [], binary: [], bounds: [] }
  const big = problem.horizonMinutes + 2000
  const number = new Map(tasks.map((task, i) => [task.id, i]))
  for (const [i, task] of tasks.entries()) {
    const ranges = rangesOf(problem, task)
    if (ranges.length === 0) return null
    lines.general.push(`s${i}`)
    const picks = ranges.map((_, k) => `z${i}_${k}`)
    lines.binary.push(...picks)
    lines.rows.push(`${picks.join(' + ')} = 1`)
    const sum = (end: 0 | 1) => ranges.map((range, k) => `- ${range[end]} z${i}_${k}`).join(' ')
    lines.rows.push(`s${i} ${sum(0)} >= 0`, `s${i} ${sum(1)} <= 0`)
    lines.rows.push(`finish - s${i} >= ${task.minutes}`)
  }
  for (const link of problem.links ?? []) {
    const [a, b] = [number.get(link.from) as number, number.get(link.to) as number]
    const length = tasks[a]?.minutes ?? 0
    if (a === b) {
      if ((link.minGap ?? 0) + length > 0) return null
      continue
    }
    lines.rows.push(`s${b} - s${a} >= ${length + (link.minGap ?? 0)}`)
    if (link.maxGap !== undefined && link.maxGap !== null)
      lines.rows.push(`s${b} - s${a} <= ${length + link.maxGap}`)
  }
  orderRows(problem, lines, big)
  return [
    'Minimize',
    ' obj: finish',
    'Subject To',
    ...lines.rows.map((row, i) => ` r${i}: ${row}`),
    'Bounds',
    ' finish >= 0',
    'General',
    ...lines.general.map((name) => ` ${name}`),
    'Binary',
    ...lines.binary.map((name) => ` ${name}`),
    'End',
  ].join('\n')
}

function orderRows(problem: BenchProblem, lines: Lines, big: number): void {
  const tasks = problem.tasks ?? []
  const shared = problem.changeover?.resource
  for (const [i, a] of tasks.entries())
    for (const [j, b] of tasks.entries()) {
      if (j <= i) continue
      const both = [a, b].every((task) => shared !== undefined && task.needs?.includes(shared))
      const clean = both && a.setup !== b.setup ? (problem.changeover?.minutes ?? 0) : 0
      lines.binary.push(`y${i}_${j}`)
      lines.rows.push(`s${j} - s${i} - ${big} y${i}_${j} >= ${a.minutes + clean - big}`)
      lines.rows.push(`s${i} - s${j} + ${big} y${i}_${j} >= ${b.minutes + clean}`)
    }
}

/** A solver to compare with. @param seconds how long it may take for one problem */
export async function referenceSolver(
  seconds: number,
): Promise<(one: BenchProblem) => Promise<Reference>> {
  let highs = await loadHighs()
  let used = 0
  return async (problem) => {
    if ((problem.tasks ?? []).length === 0) return 0
    const text = programme(problem)
    if (text === null) return null
    used += 1
    if (used % 100 === 0) highs = await loadHighs()
    try {
      const { Status, ObjectiveValue } = highs.solve(text, {
        time_limit: seconds,
        mip_rel_gap: 0,
        mip_abs_gap: 0.5,
        output_flag: false,
      })
      if (Status === 'Optimal') return Math.round(ObjectiveValue)
      return Status === 'Infeasible' ? null : 'open'
    } catch {
      // It gave up on this one; what is left of it can't be trusted with the next.
      highs = await loadHighs()
      return 'open'
    }
  }
}
