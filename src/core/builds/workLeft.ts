import { type LogIndex, partLogOf } from '../log/logIndex'
import type { Build } from '../model/build'
import { isAct } from '../model/isAct'

/** Has a build an act that nobody has finished or skipped, by the log alone, or none at all yet? */
export function hasWorkLeft(build: Build, log: LogIndex): boolean {
  const acts = build.steps.filter(isAct)
  if (acts.length === 0) return true
  return build.parts.some(({ id }) => {
    const { steps } = partLogOf(log, build.id, id)
    return acts.some(
      (act) => act.parts.includes(id) && (steps.get(act.id)?.status ?? 'running') === 'running',
    )
  })
}
