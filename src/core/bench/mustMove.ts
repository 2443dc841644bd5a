import type { BenchProblem, BenchTask } from './problem'

/**
 * Tasks that can't lie any more where they lay: before they may begin or after they had to, in closed hours or outside the sessions,
 * or against a wait or window with a task that lies where it lay.
 *
 * @param starts minutes of the problem; tasks without one aren't asked about
 * Source: handbook 7.4.
 */
export function mustMove(
  problem: BenchProblem,
  starts: Readonly<Record<string, number>>,
): Set<string> {
  const moved = new Set<string>()
  const minutes = new Map<string, number>()
  for (const task of problem.tasks ?? []) {
    const start = starts[task.id]
    if (start === undefined) continue
    minutes.set(task.id, task.minutes)
    if (!mayLie(problem, task, start)) moved.add(task.id)
  }
  for (const { from, to, minGap = 0, maxGap = null } of problem.links ?? []) {
    const [before, after, length] = [starts[from], starts[to], minutes.get(from)]
    if (before === undefined || after === undefined || length === undefined || !minutes.has(to))
      continue
    const gap = after - before - length
    if (gap < minGap || (maxGap !== null && gap > maxGap)) moved.add(to)
  }
  return moved
}

function mayLie({ availability }: BenchProblem, task: BenchTask, start: number): boolean {
  const end = start + task.minutes
  if (start < (task.earliest ?? 0) || start > (task.latest ?? start)) return false
  if ((task.closed ?? []).some(([from, to]) => from < end && to > start)) return false
  return !availability || availability.some(([from, to]) => from <= start && end <= to)
}
