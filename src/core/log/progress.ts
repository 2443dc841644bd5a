import type { LoggedAct } from '../model/loggedAct'
import { ACT_KINDS } from '../model/vocabulary'

/** How far a step of a part has come, by the log. Instants in epoch milliseconds. */
export type StepProgress = {
  status: 'running' | 'done' | 'skipped'
  startedAt: number
  /** End of each coat that is done. */
  coatEnds: number[]
  finishedAt: number | null
  /** Coats of it are laid, and what was left was skipped. */
  restSkipped?: true
}

/** Which of two acts of the same instant comes first: the last coat is done before its step is finished. */
const KIND_ORDER = Object.fromEntries(ACT_KINDS.map((kind, i) => [kind, i])) as Record<
  LoggedAct['kind'],
  number
>

/** Is an act of a later instant than another? Those of one length in universal time are in order as they are written. */
function isLater({ at }: LoggedAct, { at: before }: LoggedAct): boolean {
  const asWritten = at.length === before.length && at.endsWith('Z') && before.endsWith('Z')
  return asWritten ? at > before : Date.parse(at) > Date.parse(before)
}

/** Acts oldest first; the instant of each is read once at the most, and of those that are in order already none. */
export function inTime(acts: readonly LoggedAct[]): LoggedAct[] {
  const follows = (act: LoggedAct, before: LoggedAct) =>
    isLater(act, before) ||
    (act.at === before.at && KIND_ORDER[act.kind] >= KIND_ORDER[before.kind])
  if (acts.every((act, i) => i === 0 || follows(act, acts[i - 1] as LoggedAct))) return [...acts]
  return acts
    .map((act) => ({ act, at: Date.parse(act.at), kind: KIND_ORDER[act.kind] }))
    .sort((a, b) => a.at - b.at || a.kind - b.kind)
    .map(({ act }) => act)
}

/**
 * How far a step has come after one more act.
 *
 * @param before undefined: nothing was logged of it yet
 * @param at epoch milliseconds
 * @returns undefined while nothing but notes was logged of it
 */
export function advance(
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
      // What is laid stays: only what is left of it is skipped.
      return running.coatEnds.length > 0
        ? { ...running, status: 'done', finishedAt: at, restSkipped: true }
        : { ...running, status: 'skipped', finishedAt: at }
    default:
      return before
  }
}
