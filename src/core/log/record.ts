import type { LoggedAct } from '../model/loggedAct'
import type { StepRef } from '../model/stepRef'
import type { StepProgress } from './progress'

/** What the bench can do with a step: each is one key and one large button. */
export type BenchAct =
  | { kind: 'started' }
  | { kind: 'coat-done' }
  | { kind: 'finished' }
  | { kind: 'skipped' }
  | { kind: 'observed'; seen: 'not-yet' | 'just' | 'reached'; milestone: 'touch' | 'recoat' }
  | { kind: 'noted'; text: string }

/**
 * The acts to write into the log for one act at the bench. The last coat finishes the step; finishing a step that lays
 * several coats counts the coats that are still open as done now.
 *
 * @param coats how many coats the step has, at least 1
 * @param id gives a new id for each act
 */
export function record(
  ref: StepRef,
  act: BenchAct,
  progress: StepProgress | undefined,
  coats: number,
  at: number,
  id: () => string,
): LoggedAct[] {
  const base = { ...ref, at: new Date(at).toISOString() }
  const done = progress?.coatEnds.length ?? 0
  switch (act.kind) {
    case 'coat-done': {
      const coat: LoggedAct = { ...base, id: id(), kind: 'coat-done', coat: Math.min(30, done + 1) }
      const finished: LoggedAct[] =
        done + 1 >= coats ? [{ ...base, id: id(), kind: 'finished' }] : []
      return [coat, ...finished]
    }
    case 'observed':
      return [{ ...base, id: id(), kind: 'observed', seen: act.seen, milestone: act.milestone }]
    case 'noted':
      return [{ ...base, id: id(), kind: 'noted', text: act.text }]
    default:
      return [{ ...base, id: id(), kind: act.kind }]
  }
}
