import type { Logged } from '../model/applyEdit'
import type { LoggedAct } from '../model/loggedAct'
import { key } from '../model/stepRef'
import { ACT_KINDS } from '../model/vocabulary'

/** How far a step of a part has come, by the log. Instants in epoch milliseconds. */
export type StepProgress = {
  status: 'running' | 'done' | 'skipped'
  startedAt: number
  /** End of each coat that is done. */
  coatEnds: number[]
  finishedAt: number | null
}

/** The acts that still count: without the undone ones and the acts that undid them. In order of time. */
export function standingActs(acts: readonly LoggedAct[]): LoggedAct[] {
  const ordered = [...acts].sort(byTime)
  const undone = new Set<string>()
  for (const act of [...ordered].reverse())
    if (act.kind === 'undone' && act.undoes !== undefined && !undone.has(act.id))
      undone.add(act.undoes)
  return ordered.filter((act) => act.kind !== 'undone' && !undone.has(act.id))
}

/** Which of two acts of the same instant comes first: the last coat is done before its step is finished. */
const KIND_ORDER = Object.fromEntries(ACT_KINDS.map((kind, i) => [kind, i])) as Record<
  LoggedAct['kind'],
  number
>

/** Oldest first. */
export function byTime(a: LoggedAct, b: LoggedAct): number {
  return Date.parse(a.at) - Date.parse(b.at) || KIND_ORDER[a.kind] - KIND_ORDER[b.kind]
}

/**
 * How far every step has come, derived from the log alone.
 *
 * @returns by `key`; a step that nothing was logged of isn't there
 */
export function progressOf(acts: readonly LoggedAct[]): Map<string, StepProgress> {
  const progress = new Map<string, StepProgress>()
  for (const act of standingActs(acts)) {
    if (!act.build || !act.part || !act.step) continue
    const ref = key({ build: act.build, part: act.part, step: act.step })
    const next = advance(progress.get(ref), act, Date.parse(act.at))
    if (next) progress.set(ref, next)
  }
  return progress
}

function advance(
  before: StepProgress | undefined,
  act: LoggedAct,
  at: number,
): StepProgress | undefined {
  const running = before ?? { status: 'running', startedAt: at, coatEnds: [], finishedAt: null }
  switch (act.kind) {
    case 'started':
      return before ?? running
    case 'coat-done':
      return { ...running, coatEnds: [...running.coatEnds, at] }
    case 'finished':
      return {
        ...running,
        status: 'done',
        finishedAt: at,
        coatEnds: running.coatEnds.length > 0 ? running.coatEnds : [at],
      }
    case 'skipped':
      return { ...running, status: 'skipped', finishedAt: at }
    default:
      return before
  }
}

/** What is logged of a build's steps, as an edit asks it. @param progress by `key`, derived from the log */
export function loggedIn(progress: ReadonlyMap<string, StepProgress>, build: string): Logged {
  return (step, part) => {
    const known = progress.get(key({ build, part, step }))
    return known ? { status: known.status, coats: known.coatEnds.length } : null
  }
}
