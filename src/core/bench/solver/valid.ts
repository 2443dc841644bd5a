import type { Model } from './model'
import { spacing } from './network'

/** Do these starts keep every constraint of a model? */
export function isPlan(model: Model, starts: Int32Array): boolean {
  const start = (task: number) => starts[task] as number
  const allowed = model.domains.every(
    (domain, task) => domain !== null && domain.next(start(task)) === start(task),
  )
  if (!allowed) return false
  for (const arcs of model.arcsFrom)
    for (const arc of arcs) if (start(arc.to) < start(arc.from) + arc.gap) return false
  const opening = (task: number) =>
    model.availability.findLastIndex(([from]) => from <= start(task))
  if (model.sittings.some(([a, b]) => opening(a) !== opening(b))) return false
  return (
    keepsApart(model, starts, () => true) &&
    [...new Set(model.gun)].every((gun) =>
      keepsApart(model, starts, (task) => model.setup[task] !== null && model.gun[task] === gun),
    )
  )
}

/** Each task after the one before it of those that share a resource: the hands, or the airbrush. */
function keepsApart(model: Model, starts: Int32Array, shares: (task: number) => boolean): boolean {
  const order = [...starts.keys()]
    .filter(shares)
    .sort(
      (a, b) =>
        (starts[a] as number) - (starts[b] as number) ||
        (model.minutes[a] as number) - (model.minutes[b] as number),
    )
  return order.every((task, i) => {
    const before = order[i - 1]
    return (
      before === undefined ||
      (starts[task] as number) >= (starts[before] as number) + spacing(model, before, task)
    )
  })
}
