import { mergeIntervals, subtractIntervals } from '../intervals'
import type { BenchProblem, BenchTask, Interval } from '../problem'
import { Domain } from './domain'

/** start(to) ≥ start(from) + gap: every link and window of the problem in this one form. */
export type Arc = { from: number; to: number; gap: number; link: number; window: boolean }

/** A bench problem made ready for solving: tasks by number, allowed starts, arcs both ways. */
export type Model = {
  ids: string[]
  minutes: number[]
  /** Allowed starts of each task; one object where they are the same, null where there are none. */
  domains: (Domain | null)[]
  arcsFrom: Arc[][]
  /** How many arcs lead to each task. */
  arcsInto: number[]
  /** Links with a latest gap. */
  windows: { link: number; from: number; to: number; minGap: number; maxGap: number }[]
  /** Pairs of tasks that lie in one opening of the availability. */
  sittings: [number, number][]
  /** Those of them that each task is one of. */
  sittingsOf: [number, number][][]
  /** Setup on the changeover resource; null: the task doesn't use it. */
  setup: (string | null)[]
  /** Which airbrush each is sprayed with. */
  gun: number[]
  changeover: number
  horizon: number
  availability: Interval[]
  /** Tasks that need a resource of which there is none. */
  impossible: number[]
}

/** When hands are there, when noise may be made, and until when. */
type Times = { availability: Interval[]; loud: Interval[]; horizon: number }

/** The starts that a task may have; asked once for tasks that ask the same. null: there is none. */
function domainsOf({ availability, loud, horizon }: Times): (task: BenchTask) => Domain | null {
  const known = new Map<string, Domain | null>()
  return ({ minutes, noisy = false, earliest = 0, latest = horizon, closed = [] }) => {
    const key = `${minutes} ${noisy} ${earliest} ${latest} ${closed.join(' ')}`
    const before = known.get(key)
    if (before !== undefined) return before
    const bare = noisy ? loud : availability
    const open = closed.length > 0 ? subtractIntervals(bare, mergeIntervals(closed)) : bare
    const ranges = open.flatMap(([from, to]): Interval[] => {
      const first = Math.max(from, earliest)
      const last = Math.min(Math.min(to, horizon) - minutes, latest)
      return last >= first ? [[first, last]] : []
    })
    const domain = ranges.length > 0 ? new Domain(ranges) : null
    known.set(key, domain)
    return domain
  }
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
  const domainOf = domainsOf({ availability, loud, horizon })
  const arcsFrom: Arc[][] = tasks.map(() => [])
  const windows: Model['windows'] = []
  const arcsInto = tasks.map(() => 0)
  const join = (arc: Arc) => {
    arcsFrom[arc.from]?.push(arc)
    arcsInto[arc.to] = (arcsInto[arc.to] as number) + 1
  }
  ;(problem.links ?? []).forEach((link, i) => {
    const from = number(link.from)
    const to = number(link.to)
    const least = link.minGap ?? 0
    const length = tasks[from]?.minutes ?? 0
    join({ from, to, gap: length + least, link: i, window: false })
    const most = link.maxGap ?? null
    if (most === null) return
    join({ from: to, to: from, gap: -(length + most), link: i, window: true })
    windows.push({ link: i, from, to, minGap: least, maxGap: most })
  })
  const sittings = (problem.sittings ?? []).flatMap((ids) =>
    ids.slice(1).map((id, i): [number, number] => [number(ids[i] as string), number(id)]),
  )
  const sittingsOf: [number, number][][] = tasks.map(() => [])
  for (const pair of sittings) for (const task of pair) sittingsOf[task]?.push(pair)
  const shared = problem.changeover?.resource
  const resources = problem.resources ?? {}
  return {
    ids: tasks.map((task) => task.id),
    minutes: tasks.map((task) => task.minutes),
    domains: tasks.map(domainOf),
    arcsFrom,
    arcsInto,
    windows,
    sittings,
    sittingsOf,
    setup: tasks.map((task) =>
      shared !== undefined && task.needs?.includes(shared) ? (task.setup ?? '') : null,
    ),
    gun: tasks.map((task) => task.gun ?? 0),
    changeover: problem.changeover?.minutes ?? 0,
    horizon,
    availability,
    impossible: tasks.flatMap((task, i) =>
      (task.needs ?? []).some((need) => resources[need] === 0) ? [i] : [],
    ),
  }
}
