import type { Interval } from '../problem'
import { Domain } from './domain'
import type { Plan } from './driver'
import type { Model } from './model'
import { networkOf } from './network'
import { type Budget, Dice, Search } from './search'
import {
  compareQualities,
  type Qualities,
  qualitiesOf,
  roomyGap,
  sessionLoads,
  sessionOf,
  sprayedInOrder,
} from './wishes'

/** Conflicts of one try. */
const TRY_CONFLICTS = 120
/** How often another grouping of the same paint is tried. */
const GROUPINGS = 12
/** Later finishes that are weighed against fewer evenings, in steps of what an evening is worth. */
const STEPS_LATER = 6

/** A plan under refinement: its model as narrowed so far. */
type Draft = { model: Model; plan: Plan; qualities: Qualities }

/**
 * Betters a plan in what comes after its finish: fewer sessions, fewer clean-outs, slack in the windows; the finish stays as
 * soon, unless an evening saved is said to be worth a delay.
 *
 * @param evening how many minutes later everything may end for each evening saved; 0: none
 * @param budget of all tries together
 * Source: handbook 7.2.
 */
export function polish(model: Model, plan: Plan, evening: number, budget: Budget): Plan {
  let best: Draft = { model, plan, qualities: qualitiesOf(model, plan) }
  best = fewerSessions(best, plan.makespan, budget)
  for (let step = 1; evening > 0 && step <= STEPS_LATER && budget.left(); step++) {
    const limit = Math.min(model.horizon, plan.makespan + step * evening)
    const later = fewerSessions({ model, plan, qualities: qualitiesOf(model, plan) }, limit, budget)
    if (cost(later, evening) < cost(best, evening)) best = later
  }
  const limit = best.plan.makespan
  best = grouped(best, limit, budget)
  return roomier(best, limit, budget).plan
}

function cost({ plan, qualities }: Draft, evening: number): number {
  return plan.makespan + evening * qualities.sessions
}

/** A plan of a narrowed model that ends in time; null: none was found. */
function tryPlan(model: Model, limit: number, guide: Int32Array, budget: Budget): Plan | null {
  if (model.domains.some((one) => one === null)) return null
  const network = networkOf(model)
  const search = new Search(network, new Dice(1))
  network.engine.wakeAll()
  if (!search.endBy(limit)) return null
  const found = search.run({ conflicts: TRY_CONFLICTS, budget, guide, by: 'time' })
  if (found === null || found === 'open' || found === 'refuted') return null
  const ends = [...found.starts].map((start, task) => start + (model.minutes[task] as number))
  return { starts: found.starts, makespan: Math.max(...ends) }
}

/** Leaves out one session after another, the emptiest first, as long as everything still fits. */
function fewerSessions(draft: Draft, limit: number, budget: Budget): Draft {
  let best = draft
  const tried = new Set<number>()
  while (budget.left()) {
    const loads = sessionLoads(best.model, best.plan.starts)
    const next = [...loads]
      .filter(([session]) => !tried.has(session))
      .sort((a, b) => a[1] - b[1])[0]
    if (!next) return best
    tried.add(next[0])
    const model = withoutSession(best.model, next[0])
    const plan = tryPlan(model, limit, best.plan.starts, budget)
    if (!plan) continue
    const qualities = qualitiesOf(model, plan)
    if (qualities.sessions < best.qualities.sessions) best = { model, plan, qualities }
  }
  return best
}

/** The same model with nothing allowed in one session. */
function withoutSession(model: Model, session: number): Model {
  const [from, to] = model.availability[session] as Interval
  return mapDomains(model, (domain) => {
    const ranges = domain.ranges().filter(([a]) => a < from || a >= to)
    return ranges.length > 0 ? new Domain(ranges) : null
  })
}

function mapDomains(model: Model, change: (domain: Domain) => Domain | null): Model {
  const made = new Map<Domain, Domain | null>()
  return {
    ...model,
    domains: model.domains.map((domain) => {
      if (domain === null) return null
      if (!made.has(domain)) made.set(domain, change(domain))
      return made.get(domain) ?? null
    }),
  }
}

/** Brings tasks of the same paint together inside their sessions. */
function grouped(draft: Draft, limit: number, budget: Budget): Draft {
  let best = draft
  const dice = new Dice(7)
  for (let round = 0; round < GROUPINGS && best.qualities.cleanOuts > 0 && budget.left(); round++) {
    const guide = groupedGuide(best, round === 0 ? null : dice)
    const plan = tryPlan(best.model, limit, guide, budget)
    if (!plan) continue
    const qualities = qualitiesOf(best.model, plan)
    if (compareQualities(qualities, best.qualities) < 0) best = { ...best, plan, qualities }
  }
  return best
}

/** Starts in another order: each session's paints one after the other, or one pair of the same paint together. */
function groupedGuide({ model, plan }: Draft, dice: Dice | null): Int32Array {
  const guide = Int32Array.from(plan.starts, (start) => start * 8)
  const sprayed = sprayedInOrder(model, plan.starts)
  const first = new Map<string, number>()
  const key = (task: number) =>
    `${sessionOf(model, plan.starts[task] as number)} ${model.setup[task]}`
  if (dice) {
    const task = sprayed[dice.below(sprayed.length)] as number
    const mates = sprayed.filter((one) => one !== task && model.setup[one] === model.setup[task])
    const mate = mates[dice.below(Math.max(1, mates.length))]
    if (mate !== undefined) guide[task] = (guide[mate] as number) + (dice.below(2) ? 1 : -1)
    return guide
  }
  sprayed.forEach((task, i) => {
    const known = first.get(key(task))
    if (known === undefined) first.set(key(task), guide[task] as number)
    else guide[task] = known + Math.min(7, i)
  })
  return guide
}

/** Keeps a fifth of each window as slack: of all at once where that can be, else of one after the other. */
function roomier(draft: Draft, limit: number, budget: Budget): Draft {
  if (draft.qualities.tight === 0) return draft
  const all = draft.model.windows.map((_, i) => i)
  const at = (best: Draft, windows: readonly number[]): Draft | null => {
    const model = withRoom(best.model, windows)
    const plan = tryPlan(model, limit, best.plan.starts, budget)
    const qualities = plan && qualitiesOf(draft.model, plan)
    return plan && qualities && compareQualities(qualities, best.qualities) <= 0
      ? { model, plan, qualities }
      : null
  }
  const whole = at(draft, all)
  if (whole) return whole
  let best = draft
  for (const window of all) {
    if (!budget.left()) break
    best = at(best, [window]) ?? best
  }
  return best
}

function withRoom(model: Model, windows: readonly number[]): Model {
  const chosen = new Set(windows)
  const gaps = new Map(
    model.windows.flatMap(({ link, from, minGap, maxGap }, i): [number, number][] =>
      chosen.has(i) ? [[link, (model.minutes[from] as number) + roomyGap(minGap, maxGap)]] : [],
    ),
  )
  return {
    ...model,
    arcsFrom: model.arcsFrom.map((arcs) =>
      arcs.map((arc) => {
        const most = arc.window ? gaps.get(arc.link) : undefined
        return most === undefined ? arc : { ...arc, gap: Math.max(arc.gap, -most) }
      }),
    ),
  }
}
