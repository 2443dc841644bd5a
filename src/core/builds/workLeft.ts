import { type LogIndex, partLogOf } from '../log/logIndex'
import type { Build } from '../model/build'
import { isAct } from '../model/isAct'

/** Has a build an act that nobody has finished or skipped, by the log alone? */
export function hasWorkLeft(build: Build, log: LogIndex): boolean {
  const acts = build.steps.filter(isAct)
  return build.parts.some(({ id }) => {
    const { steps } = partLogOf(log, build.id, id)
    return acts.some(
      (act) => act.parts.includes(id) && (steps.get(act.id)?.status ?? 'running') === 'running',
    )
  })
}
