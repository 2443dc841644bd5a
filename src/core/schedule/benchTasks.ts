import type { BenchLink, BenchTask, Interval } from '../bench/problem'
import { key } from '../model/stepRef'
import type { PartTasks, PlannedTask } from './tasks'

/** The bench as tasks of its parts, and as what the solver plans: a joint act stands in it once, a long one in pieces. */
export type BenchTasks = {
  parts: readonly PartTasks[]
  /** Of every part. */
  tasks: readonly PlannedTask[]
  jobs: BenchTask[]
  links: BenchLink[]
  sittings: string[][]
  /** Id of the job that a task is done in, by id of the task; tasks of a joint act have one. */
  jobOf: ReadonlyMap<string, string>
  /** Jobs that no session is long enough for: the ids of their pieces in order, the first their own. */
  piecesOf: ReadonlyMap<string, readonly string[]>
}

/** The longest sessions, minutes: of all, and without their quiet hours. */
export type Longest = { session: number; loud: number }

/**
 * Puts the tasks of all parts on one bench.
 *
 * @param longest what takes longer than that is done in pieces
 * Source: handbook 7.1.
 */
export function benchTasks(parts: readonly PartTasks[], longest: Longest): BenchTasks {
  const tasks = parts.flatMap((part) => part.tasks)
  const jobOf = new Map<string, string>()
  const joined = new Map<string, BenchTask>()
  const heads = new Map<string, string>()
  for (const task of tasks) {
    const { build, part, step, coat, joint, run, closedBecause, ...own } = task
    const together = joint ? key({ build, part: step, step: String(coat) }) : task.id
    const id = heads.get(together) ?? task.id
    heads.set(together, id)
    jobOf.set(task.id, id)
    const known = joined.get(id)
    joined.set(id, known ? both(known, own) : own)
  }
  const piecesOf = new Map<string, readonly string[]>()
  const jobs: BenchTask[] = []
  const links: BenchLink[] = []
  for (const job of joined.values()) {
    const most = job.noisy ? longest.loud : longest.session
    const pieces = most > 0 && job.minutes > most ? piecesIn(job, most) : [job]
    jobs.push(...pieces)
    const ids = pieces.map(({ id }) => id)
    if (ids.length > 1) piecesOf.set(job.id, ids)
    ids.slice(1).forEach((to, i) => {
      links.push({ from: ids[i] as string, to, minGap: 0 })
    })
  }
  const job = (id: string) => jobOf.get(id) ?? id
  const lastOf = (id: string) => piecesOf.get(job(id))?.at(-1) ?? job(id)
  for (const link of parts.flatMap((part) => part.links))
    links.push({ ...link, from: lastOf(link.from), to: job(link.to) })
  const sittings = parts.flatMap((part) => part.sittings.map((sitting) => sitting.map(job)))
  return { parts, tasks, jobs, links, sittings, jobOf, piecesOf }
}

/** Two tasks done as one: it waits for both, and neither of their windows may close. */
function both(a: BenchTask, b: BenchTask): BenchTask {
  const latest = Math.min(
    a.latest ?? Number.POSITIVE_INFINITY,
    b.latest ?? Number.POSITIVE_INFINITY,
  )
  return {
    ...a,
    minutes: Math.max(a.minutes, b.minutes),
    earliest: Math.max(a.earliest ?? 0, b.earliest ?? 0),
    ...(Number.isFinite(latest) ? { latest } : {}),
    closed: [...(a.closed ?? []), ...(b.closed ?? [])] as Interval[],
  }
}

/** A job as pieces that sessions are long enough for, alike in length. */
function piecesIn({ latest, ...job }: BenchTask, most: number): BenchTask[] {
  const count = Math.ceil(job.minutes / most)
  const minutes = Math.ceil(job.minutes / count)
  return Array.from({ length: count }, (_, i) =>
    i === 0
      ? { ...job, minutes, ...(latest === undefined ? {} : { latest }) }
      : { ...job, id: `${job.id}+${i}`, minutes },
  )
}
