import { mergeIntervals, nextIn, subtractIntervals } from './intervals'
import type { BenchProblem, Interval } from './problem'

/** start(to) ≥ start(from) + gap: every link and window of the problem in this one form. */
export type Arc = { from: number; to: number; gap: number; link: number | null; window: boolean }

/** A bench problem made ready for solving: tasks by number, allowed starts, arcs both ways. */
export type Model = {
  ids: string[]
  minutes: number[]
  /** Allowed starts of each task, sorted, both ends included; shared between tasks that are alike. */
  starts: Interval[][]
  earliest: number[]
  latest: number[]
  arcsFrom: Arc[][]
  /** Tasks that must be done before this one begins. */
  before: number[][]
  /** Setup on the changeover resource; null: the task doesn't use it. */
  setup: (string | null)[]
  changeover: number
  horizon: number
  availability: Interval[]
  /** Tasks that need more of a resource than there is. */
  impossible: number[]
}

/** @throws RangeError if a link names a task that isn't there (the border refuses that before) */
export function modelOf(problem: BenchProblem): Model {
  const tasks = problem.tasks ?? []
  const horizon = problem.horizonMinutes
  const availability = mergeIntervals(problem.availability ?? [])
  const loud = subtractIntervals(availability, mergeIntervals(problem.quiet ?? []))
  const numbers = new Map(tasks.map((task, i) => [task.id, i]))
  const number = (id: string): number => {
    const found = numbers.get(id)
    if (found === undefined) throw new RangeError(`modelOf: no task "${id}"`)
    return found
  }
  const cache = new Map<string, Interval[]>()
  const startsOf = (minutes: number, noisy: boolean): Interval[] => {
    const key = `${minutes} ${noisy}`
    const known = cache.get(key)
    if (known) return known
    const ranges = (noisy ? loud : availability).flatMap(([from, to]): Interval[] => {
      const last = Math.min(to, horizon) - minutes
      return last >= from ? [[from, last]] : []
    })
    cache.set(key, ranges)
    return ranges
  }
  const arcsFrom: Arc[][] = tasks.map(() => [])
  const before: number[][] = tasks.map(() => [])
  ;(problem.links ?? []).forEach((link, i) => {
    const from = number(link.from)
    const to = number(link.to)
    const least = link.minGap ?? 0
    const length = tasks[from]?.minutes ?? 0
    arcsFrom[from]?.push({ from, to, gap: length + least, link: i, window: false })
    if (length + least >= 0 && from !== to) before[to]?.push(from)
    if (link.maxGap !== undefined && link.maxGap !== null)
      arcsFrom[to]?.push({
        from: to,
        to: from,
        gap: -(length + link.maxGap),
        link: i,
        window: true,
      })
  })
  const shared = problem.changeover?.resource
  const resources = problem.resources ?? {}
  return {
    ids: tasks.map((task) => task.id),
    minutes: tasks.map((task) => task.minutes),
    starts: tasks.map((task) => startsOf(task.minutes, task.noisy ?? false)),
    earliest: tasks.map((task) => task.earliest ?? 0),
    latest: tasks.map((task) => task.latest ?? Number.POSITIVE_INFINITY),
    arcsFrom,
    before,
    setup: tasks.map((task) =>
      shared !== undefined && task.needs?.includes(shared) ? (task.setup ?? '') : null,
    ),
    changeover: problem.changeover?.minutes ?? 0,
    horizon,
    availability,
    impossible: tasks.flatMap((task, i) =>
      (task.needs ?? []).some((need) => resources[need] === 0) ? [i] : [],
    ),
  }
}

/** The first allowed start of a task at or after a minute; Infinity when none is left. */
export function nextStart(model: Model, task: number, minute: number): number {
  return nextIn(model.starts[task] as Interval[], Math.max(minute, model.earliest[task] as number))
}
