import { type LogIndex, stands } from '../log'
import type { CauseCounts } from './diagnose'

/**
 * How often each cause of a fault turned out to be the one, by the log: it was said to be, or its mending helped; a mending that
 * didn't help speaks against it.
 *
 * Source: handbook 13.4, Beta counts.
 */
export function learntFrom(log: LogIndex, fault: string): CauseCounts {
  const counts = new Map<string, number>()
  for (const act of log.acts) {
    if (act.fault !== fault || !act.cause || !stands(log, act)) continue
    const more = act.helped === false ? -1 : 1
    counts.set(act.cause, Math.max(0, (counts.get(act.cause) ?? 0) + more))
  }
  return (cause) => counts.get(cause) ?? 0
}
