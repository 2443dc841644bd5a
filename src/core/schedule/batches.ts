import type { Session } from '../bench/calendar'
import { key, partOf } from '../model/stepRef'
import type { PlannedTask } from './tasks'

/** A task as far as a run is told by it. */
type Laid = PlannedTask & { start: number | null; job: string }

const MINUTE = 60_000

/**
 * Tasks of several parts that are one run: the same act with the same paint and tool, the same coat, in one session, with nothing
 * else between that the paint would have to be changed for. Mixed once, logged by one key.
 *
 * @returns id of the run of each task that is in one: that of its first task
 * Source: handbook 7.1, 7.2.
 */
export function batchesOf(
  tasks: readonly Laid[],
  sessions: readonly Session[],
): ReadonlyMap<string, string> {
  const inTime = tasks
    .filter(({ start, joint }) => start !== null && !joint)
    .sort((a, b) => (a.start ?? 0) - (b.start ?? 0))
  const batches = new Map<string, string>()
  const open = new Map<string, Laid[]>()
  let session = -1
  const paint = new Map<number, string>()
  const close = (runs: Iterable<Laid[]>) => {
    for (const run of runs) {
      const parts = new Set(run.map((task) => key(partOf(task))))
      if (parts.size < 2) continue
      for (const { id } of run) batches.set(id, run[0]?.id as string)
    }
  }
  for (const task of inTime) {
    const here = sessionOf(sessions, task.start ?? 0)
    if (here !== session) {
      close(open.values())
      open.clear()
      session = here
      paint.clear()
    }
    const gun = task.gun ?? 0
    if (task.setup !== undefined && task.setup !== paint.get(gun)) {
      // Another paint is in that airbrush: what was sprayed with it before is a run of its own.
      const sprayed = [...open].filter(
        ([, run]) => run[0]?.setup !== undefined && (run[0].gun ?? 0) === gun,
      )
      close(sprayed.map(([, run]) => run))
      for (const [name] of sprayed) open.delete(name)
      paint.set(gun, task.setup)
    }
    const run = open.get(task.run)
    const again = run?.some((other) => key(partOf(other)) === key(partOf(task)))
    if (run && !again) run.push(task)
    else {
      if (run) close([run])
      open.set(task.run, [task])
    }
  }
  close(open.values())
  return batches
}

function sessionOf(sessions: readonly Session[], at: number): number {
  return sessions.findLastIndex(({ from }) => from - MINUTE <= at)
}
