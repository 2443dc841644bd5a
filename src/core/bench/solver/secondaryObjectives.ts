import type { StartPlan } from './driver'
import type { Model } from './model'

/** How a plan stands to the wishes that come after the finish. Source: handbook 7.2. */
export type Qualities = {
  /** Bench sessions that anything is planned in. */
  sessions: number
  /** Clean-outs of the airbrush between different paints. */
  cleanOuts: number
  /** Windows that leave less than a fifth of themselves as slack. */
  tight: number
}

/** Share of a window that is kept as slack where it costs nothing. Source: handbook 7.2. */
const SLACK = 0.2

/** The latest gap that keeps the wished slack; a window too short for whole minutes stays as it is. */
export function roomyGap(minGap: number, maxGap: number): number {
  return Math.max(minGap, maxGap - Math.floor((maxGap - minGap) * SLACK))
}

/** Number of the opening that a minute lies in. */
export function sessionOf(model: Model, minute: number): number {
  let low = 0
  let high = model.availability.length - 1
  while (low < high) {
    const mid = (low + high + 1) >> 1
    if ((model.availability[mid]?.[0] ?? 0) <= minute) low = mid
    else high = mid - 1
  }
  return low
}

/** How many tasks of a plan begin in each session that is used. */
export function sessionLoads(model: Model, starts: Int32Array): Map<number, number> {
  const loads = new Map<number, number>()
  starts.forEach((start, task) => {
    const session = sessionOf(model, start)
    loads.set(session, (loads.get(session) ?? 0) + (model.minutes[task] ?? 0))
  })
  return loads
}

/** Tasks on the changeover resource, in order of time. */
export function sprayedInOrder(model: Model, starts: Int32Array): number[] {
  return [...starts.keys()]
    .filter((task) => model.setup[task] !== null)
    .sort((a, b) => (starts[a] as number) - (starts[b] as number) || a - b)
}

/** What plans with the same finish are compared by: sessions, clean-outs and tight windows. Source: handbook 7.2. */
export function qualitiesOf(model: Model, { starts }: Pick<StartPlan, 'starts'>): Qualities {
  const inGun = new Map<number | undefined, number>()
  const cleanOuts = sprayedInOrder(model, starts).filter((task) => {
    const before = inGun.get(model.gun[task])
    inGun.set(model.gun[task], task)
    return before !== undefined && model.setup[task] !== model.setup[before]
  }).length
  const tight = model.windows.filter(({ from, to, minGap, maxGap }) => {
    const gap = (starts[to] as number) - (starts[from] as number) - (model.minutes[from] as number)
    return gap > roomyGap(minGap, maxGap)
  }).length
  return { sessions: sessionLoads(model, starts).size, cleanOuts, tight }
}

/** Below 0 where the first is the better one: sessions, then clean-outs, then slack. */
export function compareQualities(a: Qualities, b: Qualities): number {
  return a.sessions - b.sessions || a.cleanOuts - b.cleanOuts || a.tight - b.tight
}
