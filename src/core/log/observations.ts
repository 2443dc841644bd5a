import type { LoggedAct } from '../model/loggedAct'
import type { Milestone } from '../model/vocabulary'
import { standingActs } from './progress'

/** What was seen of a film: kept as it was seen, for the corrections of handbook 3.5. */
export type Observation = {
  act: string
  at: number
  build: string
  part: string
  step: string
  milestone: Milestone
  /** `not-yet`: still tacky; `just`: this very minute; `reached`: dry already. */
  seen: 'not-yet' | 'just' | 'reached'
}

/** Every observation in the log that still stands, in order of time. */
export function observationsOf(acts: readonly LoggedAct[]): Observation[] {
  return standingActs(acts).flatMap((act): Observation[] => {
    if (act.kind !== 'observed' || !act.build || !act.part || !act.step || !act.seen) return []
    return [
      {
        act: act.id,
        at: Date.parse(act.at),
        build: act.build,
        part: act.part,
        step: act.step,
        milestone: act.milestone ?? 'touch',
        seen: act.seen,
      },
    ]
  })
}
