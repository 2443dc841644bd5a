import type { LoggedAct } from '../model/loggedAct'
import type { Milestone } from '../model/vocabulary'

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

/** What an act of the log observed; null: it is no observation. */
export function observationOf(act: LoggedAct): Observation | null {
  const { kind, build, part, step, seen } = act
  if (kind !== 'observed' || !build || !part || !step || !seen) return null
  return {
    act: act.id,
    at: Date.parse(act.at),
    build,
    part,
    step,
    milestone: act.milestone ?? 'touch',
    seen,
  }
}
