import { partLogOf } from '../log/logIndex'
import type { StockState } from '../stock/stockState'
import type { BenchTasks } from './benchTasks'

const MINUTE = 60_000
/** What an act that takes longer than meant is still planned with, minutes. */
const AT_LEAST = 1

/**
 * The same bench, with what the act that is in hand still takes: the minutes since it was started are gone.
 *
 * @param zero epoch milliseconds of minute 0
 * Source: handbook 7.5.
 */
export function underWay(bench: BenchTasks, { log }: StockState, zero: number): BenchTasks {
  const left = new Map<string, number>()
  for (const task of bench.tasks) {
    const job = bench.jobOf.get(task.id) ?? task.id
    const progress = partLogOf(log, task.build, task.part).steps.get(task.step)
    // Of a later coat only its end is logged.
    if (progress?.status !== 'running' || progress.coatEnds.length > 0 || (task.coat ?? 1) > 1)
      continue
    const since = Math.max(0, Math.floor((zero - progress.startedAt) / MINUTE))
    left.set(job, Math.max(AT_LEAST, task.minutes - since))
  }
  if (left.size === 0) return bench
  const jobs = bench.jobs.map((job) => {
    const minutes = left.get(job.id)
    return minutes === undefined ? job : { ...job, minutes: Math.min(job.minutes, minutes) }
  })
  return { ...bench, jobs }
}
