import { mergeIntervals } from '../intervals'
import type { BenchProblem } from '../problem'

/**
 * Every constraint of handbook 7.3, checked one by one on the problem as it is written, apart from the solver.
 *
 * @returns what is broken, in words; empty: the starts are a plan
 */
export function broken(problem: BenchProblem, starts: Record<string, number>): string[] {
  const tasks = problem.tasks ?? []
  const minutes = new Map(tasks.map((task) => [task.id, task.minutes]))
  const end = (id: string) => (starts[id] ?? 0) + (minutes.get(id) ?? 0)
  const open = mergeIntervals(problem.availability ?? [])
  const quiet = mergeIntervals(problem.quiet ?? [])
  const told: string[] = []
  for (const task of tasks) {
    const start = starts[task.id]
    if (start === undefined) {
      told.push(`${task.id} has no start`)
      continue
    }
    if (!Number.isInteger(start)) told.push(`${task.id} at no whole minute`)
    if (!open.some(([a, b]) => a <= start && end(task.id) <= b)) told.push(`${task.id} outside`)
    if (end(task.id) > problem.horizonMinutes) told.push(`${task.id} past the horizon`)
    if (task.noisy && quiet.some(([a, b]) => start < b && end(task.id) > a))
      told.push(`${task.id} in quiet hours`)
    if ((task.closed ?? []).some(([a, b]) => b > a && start < b && end(task.id) > a))
      told.push(`${task.id} while it is closed`)
    if (start < (task.earliest ?? 0) || start > (task.latest ?? Number.POSITIVE_INFINITY))
      told.push(`${task.id} outside its own window`)
  }
  for (const link of problem.links ?? []) {
    const gap = (starts[link.to] ?? 0) - end(link.from)
    if (gap < (link.minGap ?? 0)) told.push(`${link.from} to ${link.to} too soon`)
    if (link.maxGap !== undefined && link.maxGap !== null && gap > link.maxGap)
      told.push(`${link.from} to ${link.to} too late`)
  }
  const opening = (id: string | undefined) =>
    open.findLastIndex(([from]) => from <= (starts[id ?? ''] ?? 0))
  for (const sitting of problem.sittings ?? [])
    if (sitting.some((id) => opening(id) !== opening(sitting[0])))
      told.push(`${sitting.join(', ')} in more than one sitting`)
  const sorted = [...tasks].sort((a, b) => (starts[a.id] ?? 0) - (starts[b.id] ?? 0))
  const shared = problem.changeover?.resource
  sorted.forEach((first, i) => {
    for (const second of sorted.slice(i + 1)) {
      const gap = (starts[second.id] ?? 0) - end(first.id)
      const both = [first, second].every((task) => shared && task.needs?.includes(shared))
      const ofOne = (first.gun ?? 0) === (second.gun ?? 0)
      const clean =
        both && ofOne && first.setup !== second.setup ? (problem.changeover?.minutes ?? 0) : 0
      if (gap >= Math.max(clean, 0)) continue
      const other = (starts[first.id] ?? 0) - end(second.id)
      if (other < clean) told.push(`${first.id} and ${second.id} at once`)
    }
  })
  return told
}
