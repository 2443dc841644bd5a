import type { ScheduledTask } from './planBench'

/** A task as it is done: once, and for which parts. */
export type DoneOnce = ScheduledTask & { parts: readonly string[] }

/** Tasks as the hands do them: a joint act once, with all its parts. */
export function onceEach(tasks: readonly ScheduledTask[]): DoneOnce[] {
  const once = new Map<string, ScheduledTask & { parts: string[] }>()
  for (const task of tasks) {
    const known = once.get(task.job)
    if (known) known.parts.push(task.part)
    else once.set(task.job, { ...task, parts: [task.part] })
  }
  return [...once.values()]
}

/** Minutes of the hands in all. */
export function handsOnMinutes(tasks: readonly ScheduledTask[]): number {
  return onceEach(tasks).reduce((sum, { minutes }) => sum + minutes, 0)
}
