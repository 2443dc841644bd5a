import type { BuildLog } from '../log/logIndex'
import { type LogIndex, stands } from '../log/logIndex'
import type { Build } from '../model/build'

const MINUTE = 60_000
/** Longer than this between two acts, and the hands did something else meanwhile, minutes. */
const LONGEST_ACT = 120

/** What a build came to: what is told of it when it is finished. */
export type FinishedCard = {
  /** Hours of hands, by what was started and ended. */
  hours: number
  /** Paint that was mixed for it, ml. */
  ml: number
  /** Days on which something was done, by the zone's calendar. */
  evenings: number
  acts: number
  /** The first and the last act, epoch milliseconds; null: nothing was logged. */
  from: number | null
  to: number | null
}

/** What the log says of a build as a whole. @param zone an IANA time zone */
export function finishedCard(build: Build, log: LogIndex, zone: string): FinishedCard {
  const own = log.builds.get(build.id)
  const acts = (own?.acts ?? []).filter((act) => stands(log, act))
  const work = acts.filter(
    ({ kind, roughly }) => kind !== 'undone' && kind !== 'corrected' && !roughly,
  )
  const instants = work.map(({ at }) => Date.parse(at))
  const ml = acts.flatMap(({ drawn }) => drawn ?? []).reduce((sum, drop) => sum + drop.ml, 0)
  const day = new Intl.DateTimeFormat('en', { timeZone: zone, dateStyle: 'short' })
  const days = new Set(instants.map((at) => day.format(at)))
  return {
    hours: own ? minutesOf(own) / 60 : 0,
    ml,
    evenings: days.size,
    acts: work.length,
    from: instants.length > 0 ? Math.min(...instants) : null,
    to: instants.length > 0 ? Math.max(...instants) : null,
  }
}

/** From a start, or the coat before, to each coat and the end. */
function minutesOf({ parts }: BuildLog): number {
  let minutes = 0
  for (const { steps } of parts.values())
    for (const { startedAt, coatEnds, finishedAt, status } of steps.values()) {
      if (status === 'skipped') continue
      let before = startedAt
      for (const end of [...coatEnds, ...(finishedAt === null ? [] : [finishedAt])]) {
        const taken = (end - before) / MINUTE
        if (taken > 0 && taken <= LONGEST_ACT) minutes += taken
        before = end
      }
    }
  return minutes
}
