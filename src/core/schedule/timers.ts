import { GASSES_OFF, POT_LIFE } from '../knowledge/limits'
import type { LogIndex } from '../log/logIndex'
import type { Timer } from '../model/bench'
import type { Project } from '../model/project'
import { gassingOff } from '../shelf/gassingOff'
import { hardensAt } from '../shelf/mixAge'
import type { StockState } from '../stock/stockState'

const MINUTE = 60_000
const HOUR = 60 * MINUTE

/** A clock of something that is no film: counts to an instant. Source: handbook 3.4. */
export type RunningTimer = {
  id: string
  kind: Timer['kind']
  name: string
  from: number
  to: number
  /** Set by hand, so that it can be stopped; the others follow from shelf and log. */
  own: boolean
}

/** A timer that ended stays on the bench for so long. */
const STAYS = 12 * HOUR

/** Usual lengths, minutes. Source: handbook 3.4, 3.1, 3.2. */
export const TIMER_MINUTES: Record<Timer['kind'], number> = {
  'pot-life': POT_LIFE,
  'gassing-off': GASSES_OFF.to,
  decal: 3,
  release: 20,
  'warm-air': 30,
  shaking: 5,
  warming: 10,
  other: 10,
}

/** Every clock that runs beside the films, the next to end first. */
export function runningTimers({ project, log }: StockState, now: number): RunningTimer[] {
  return [...ownTimers(project), ...gassingTimers(project, now), ...potLives(project, log)]
    .filter((one) => one.from <= now && one.to > now - STAYS)
    .sort((a, b) => a.to - b.to)
}

function ownTimers(project: Project): RunningTimer[] {
  return (project.timers ?? [])
    .filter((timer) => timer.stoppedAt === undefined)
    .map((timer) => {
      const from = Date.parse(timer.startedAt)
      const { id, kind, name, minutes } = timer
      return { id, kind, name, from, to: from + minutes * MINUTE, own: true }
    })
}

/** Decanted paint gasses off until it can be sprayed, then with its lid resting until that may be closed. Source: handbook 3.4. */
function gassingTimers(project: Project, now: number): RunningTimer[] {
  return (project.shelf ?? []).flatMap((bottle): RunningTimer[] => {
    const gas = gassingOff(bottle)
    if (!gas) return []
    const usable = now >= gas.usable
    return [
      {
        id: `gas.${bottle.id}`,
        kind: 'gassing-off',
        name: usable ? `${bottle.name}, lid resting` : bottle.name,
        from: gas.from,
        to: usable ? gas.still : gas.usable,
        own: false,
      },
    ]
  })
}

/** Two-part paint that was mixed is sprayed out in its pot life. Source: handbook 3.4. */
function potLives(project: Project, log: LogIndex): RunningTimer[] {
  const mixes = new Map(project.mixes?.map((mix) => [mix.id, mix]))
  return log.mixed.flatMap((act): RunningTimer[] => {
    const mix = act.mix === undefined ? undefined : mixes.get(act.mix)
    if (!mix) return []
    const from = Date.parse(act.at)
    const to = hardensAt(project, mix, from)
    if (to === null) return []
    return [{ id: `pot.${act.id}`, kind: 'pot-life', name: mix.name, from, to, own: false }]
  })
}
