import type { BenchPlan } from './planBench'

const MINUTE = 60_000

/** What an act waits for: from the end of the act before it to the earliest it may begin, and its latest. Epoch milliseconds. */
export type WaitBefore = { from: number; to: number; until: number | null }

/**
 * The wait before each planned act that has one, by task. Of several before one act the one that holds it is told, and the
 * window that closes first.
 *
 * Source: handbook 3.4 (windows), 7.2.
 */
export function waitsBefore(
  plan: Pick<BenchPlan, 'tasks' | 'problem'>,
): ReadonlyMap<string, WaitBefore> {
  const tasks = new Map(plan.tasks.map((task) => [task.id, task]))
  const waits = new Map<string, WaitBefore>()
  for (const link of plan.problem.links ?? []) {
    const [from, to] = [tasks.get(link.from), tasks.get(link.to)]
    const most = link.maxGap ?? null
    if (!from || !to || from.start === null || to.start === null) continue
    if ((link.minGap ?? 0) <= 0 && most === null) continue
    const end = from.end ?? from.start
    const known = waits.get(link.to)
    const least = end + Math.max(0, link.minGap ?? 0) * MINUTE
    const holds = !known || least > known.to
    const until = most === null ? null : end + most * MINUTE
    waits.set(link.to, {
      from: holds ? end : known.from,
      to: holds ? least : known.to,
      until: until === null ? (known?.until ?? null) : Math.min(known?.until ?? until, until),
    })
  }
  return waits
}
