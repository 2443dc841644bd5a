import type { Pin } from '@/core/model/bench'
import { key, stepOf } from '@/core/model/stepRef'
import type { ScheduledTask } from '@/core/schedule'
import type { Write } from '@/store/tables'

/** The act that a task belongs to, as pins name it. */
export function pinId({
  build,
  part,
  step,
}: Pick<ScheduledTask, 'build' | 'part' | 'step'>): string {
  return key(stepOf({ build, part, step }))
}

/** Keeps an act in a session. */
export function pinWrite(
  task: Pick<ScheduledTask, 'build' | 'part' | 'step'>,
  session: { from: number; to: number },
): Write {
  const id = pinId(task)
  const iso = (at: number) => new Date(at).toISOString()
  const row: Pin = { id, from: iso(session.from), to: iso(session.to) }
  return { table: 'pins', id, row }
}
