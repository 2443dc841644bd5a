import { type Arc, type Model, nextStart } from './model'

/** An order laid on tasks during the search: arcs beside the problem's own. */
export type Order = ReadonlyMap<number, readonly Arc[]>

/** Why a bound moved: the arc that moved it last. */
export type Cause = (Arc | null)[]

/** A bound that can't be kept: the task whose earliest start is past its latest, and why. */
export type Clash = { task: number; start: number; limit: number }

/**
 * Raises earliest starts until every arc and calendar holds: the least solution, since each only ever pushes later.
 *
 * @param starts earliest starts, raised in place
 * @param changed tasks to begin from
 * @param limit latest allowed start of a task
 * @param causes filled in with the arc that raised each task, where wanted
 * @returns the first clash, or null when all hold
 */
export function propagate(
  model: Model,
  starts: number[],
  changed: Iterable<number>,
  order: Order,
  limit: (task: number) => number,
  causes?: Cause,
): Clash | null {
  const queue = [...changed]
  const queued = new Set(queue)
  for (let head = 0; head < queue.length; head++) {
    const task = queue[head] as number
    queued.delete(task)
    const start = starts[task] as number
    const own = model.arcsFrom[task] as Arc[]
    const laid = order.get(task)
    const count = own.length + (laid?.length ?? 0)
    for (let i = 0; i < count; i++) {
      const arc = (i < own.length ? own[i] : laid?.[i - own.length]) as Arc
      const least = start + arc.gap
      if (least <= (starts[arc.to] as number)) continue
      const raised = nextStart(model, arc.to, least)
      if (raised <= (starts[arc.to] as number)) continue
      starts[arc.to] = raised
      if (causes) causes[arc.to] = arc
      const most = limit(arc.to)
      if (raised > most || raised === Number.POSITIVE_INFINITY)
        return { task: arc.to, start: raised, limit: most }
      if (!queued.has(arc.to)) {
        queued.add(arc.to)
        queue.push(arc.to)
      }
    }
    if (head > 4096) {
      queue.splice(0, head + 1)
      head = -1
    }
  }
  return null
}

/** The earliest start of each task by itself; a task that fits nowhere is a clash. */
export function firstStarts(model: Model, limit: (task: number) => number): number[] | Clash {
  const starts: number[] = []
  for (let task = 0; task < model.ids.length; task++) {
    const start = nextStart(model, task, 0)
    if (start > limit(task) || start === Number.POSITIVE_INFINITY)
      return { task, start, limit: limit(task) }
    starts.push(start)
  }
  return starts
}
