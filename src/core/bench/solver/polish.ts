import type { Interval } from '../problem'
import { Domain } from './domain'
import type { StartPlan } from './driver'
import type { Model } from './model'
import { networkOf } from './network'
import { type Budget, Dice, type Found, Search } from './search'
import {
  compareQualities,
  type Qualities,
  qualitiesOf,
  roomyGap,
  sessionLoads,
  sessionOf,
  sprayedInOrder,
} from './secondaryObjectives'

/** Conflicts of one try. */
const TRY_CONFLICTS = 120
/** Bounds that are followed in the time of one step, as a power of two. */
const FOLLOWED_A_STEP = 3
/** How often another grouping of the same paint is tried. */
const GROUPINGS = 150
/** Orders of whole sessions that are asked for. */
const REORDERED = 12
/** Where clean-outs are what counts the finish is moved by so many of them at a time. */
const CLEAN_OUTS_A_STEP = 4
/** Later finishes that are weighed against fewer evenings or clean-outs, in steps of what those are worth. */
const STEPS_LATER = 6

/** A plan under refinement: its model as narrowed so far. */
type Draft = { model: Model; plan: StartPlan; qualities: Qualities }

/** Minutes later that everything may end for each evening, and for each clean-out, that is saved. */
export type Worth = { evening: number; cleanOut: number }

/**
 * Betters a plan in what comes after its finish: fewer sessions, fewer clean-outs, slack in the windows; the finish stays as
 * soon, unless an evening or a clean-out saved is said to be worth a delay.
 *
 * @param budget of all tries together
 * Source: handbook 7.2.
 */
export function polish(model: Model, plan: StartPlan, worth: Worth, budget: Budget): StartPlan {
  const draft: Draft = { model, plan, qualities: qualitiesOf(model, plan) }
  let best = fewerSessions(draft, plan.makespan, budget)
  const step = worth.evening || worth.cleanOut * CLEAN_OUTS_A_STEP
  for (let i = 1; step > 0 && i <= STEPS_LATER && budget.left(); i++) {
    const limit = Math.min(model.horizon, plan.makespan + i * step)
    const fewer = fewerSessions(draft, limit, budget)
    const later = worth.cleanOut > 0 ? grouped(fewer, limit, worth, budget) : fewer
    if (cost(later, worth) < cost(best, worth)) best = later
  }
  const limit = best.plan.makespan
  best = grouped(best, limit, worth, budget)
  return roomier(best, limit, budget).plan
}

function cost({ plan, qualities }: Draft, { evening, cleanOut }: Worth): number {
  return plan.makespan + evening * qualities.sessions + cleanOut * qualities.cleanOuts
}

/** A plan of a narrowed model that ends in time; null: none was found. */
function tryPlan(model: Model, limit: number, guide: Int32Array, budget: Budget): StartPlan | null {
  if (model.domains.some((domain) => domain === null)) return null
  const tries = new Tries(model, limit, budget)
  return tries.open ? tries.plan([], guide) : null
}

function planOf(model: Model, found: Found): StartPlan | null {
  if (found === null || found === 'open' || found === 'refuted') return null
  const ends = [...found.starts].map((start, task) => start + (model.minutes[task] as number))
  return { starts: found.starts, makespan: Math.max(...ends) }
}

/**
 * Leaves out one session after another, the emptiest first, as long as everything still fits. The first one stays: what can
 * be done now is not put off.
 */
function fewerSessions(draft: Draft, limit: number, budget: Budget): Draft {
  let best = draft
  const tried = new Set([sessionOf(draft.model, Math.min(...draft.plan.starts))])
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

/** Tries orders on one network, so that what is learned of one serves the next. */
class Tries {
  private readonly search: Search
  /** Orders that are kept, as literals. */
  private readonly kept: [number, number][] = []
  readonly open: boolean

  constructor(
    private readonly model: Model,
    limit: number,
    private readonly budget: Budget,
  ) {
    const network = networkOf(model)
    this.search = new Search(network, new Dice(1))
    this.open = this.search.endBy(limit)
  }

  /** A plan with some tasks before others, by a guide; null: none was found, or an order is settled the other way. */
  plan(orders: readonly Order[], guide: Int32Array): StartPlan | null {
    const wanted = this.literals(orders)
    if (wanted === null) return null
    const { engine } = this.search.network
    const before = engine.followed
    const found = this.search.run({
      conflicts: TRY_CONFLICTS,
      budget: this.budget,
      assume: [...this.kept, ...wanted],
      guide,
      by: 'time',
    })
    // On a crowded bench one decision moves hundreds of bounds.
    this.budget.spent += (engine.followed - before) >> FOLLOWED_A_STEP
    return planOf(this.model, found)
  }

  keep(orders: readonly Order[]): void {
    this.kept.push(...(this.literals(orders) ?? []))
  }

  private literals(orders: readonly Order[]): [number, number][] | null {
    const { pairs, pairOf, pose } = this.search.network
    const literals: [number, number][] = []
    for (const [first, second] of orders) {
      const number = pairOf(first, second)
      const pair = pairs[number]
      if (!pair) return null
      pose(number)
      literals.push(pair.a === first ? [2 * pair.flag, 1] : [2 * pair.flag + 1, 0])
    }
    return literals
  }
}

/** The first before the second. */
type Order = readonly [first: number, second: number]

/**
 * Brings tasks of the same paint together: first by asking for another order of each session, then wherever another paint
 * stands between two of the same, by putting it behind the last of them or before the first.
 */
function grouped(draft: Draft, limit: number, worth: Worth, budget: Budget): Draft {
  const { model } = draft
  if (draft.qualities.cleanOuts === 0) return draft
  const tries = new Tries(model, limit, budget)
  if (!tries.open) return draft
  let best = draft
  const better = (plan: StartPlan | null): boolean => {
    const qualities = plan && qualitiesOf(model, plan)
    if (!plan || !qualities) return false
    const other = { model, plan, qualities }
    // Where a clean-out is worth an evening, so is it here.
    const gain = cost(best, worth) - cost(other, worth)
    const isBetter = worth.cleanOut > 0 ? gain > 0 : compareQualities(qualities, best.qualities) < 0
    if (isBetter) best = other
    return isBetter
  }
  const dice = new Dice(7)
  for (let round = 0; round < REORDERED && budget.left(); round++)
    better(tries.plan([], groupedGuide(best, round === 0 ? null : dice)))
  for (let left = GROUPINGS; left > 0 && budget.left(); ) {
    const found = regrouped(best).find((orders) => {
      left -= 1
      if (left < 0 || !better(tries.plan(orders, best.plan.starts))) return false
      tries.keep(orders)
      return true
    })
    if (!found) break
  }
  return best
}

/** Starts in another order: each session's paints one after the other, or one pair of the same paint together. */
function groupedGuide({ model, plan }: Draft, dice: Dice | null): Int32Array {
  const guide = Int32Array.from(plan.starts, (start) => start * 8)
  const sprayed = sprayedInOrder(model, plan.starts)
  if (dice) {
    const task = sprayed[dice.below(sprayed.length)] as number
    const mates = sprayed.filter(
      (other) => other !== task && model.setup[other] === model.setup[task],
    )
    const mate = mates[dice.below(Math.max(1, mates.length))]
    if (mate !== undefined) guide[task] = (guide[mate] as number) + (dice.below(2) ? 1 : -1)
    return guide
  }
  const first = new Map<string, number>()
  sprayed.forEach((task, i) => {
    const key = `${sessionOf(model, plan.starts[task] as number)} ${model.setup[task]}`
    const known = first.get(key)
    if (known === undefined) first.set(key, guide[task] as number)
    else guide[task] = known + Math.min(7, i)
  })
  return guide
}

/** Orders that forbid one interruption each, in turn. */
function regrouped(draft: Draft): Order[][] {
  return interruptions(draft).flatMap(({ first, last, among }): Order[][] => [
    among.map((task): Order => [last, task]),
    among.map((task): Order => [task, first]),
    ...among.flatMap((task): Order[][] => [[[last, task]], [[task, first]]]),
  ])
}

/** Tasks of one paint in a session, and those of another paint among them. */
type Interruption = { first: number; last: number; among: number[] }

function interruptions({ model, plan }: Draft): Interruption[] {
  const groups = new Map<string, number[]>()
  const sprayed = sprayedInOrder(model, plan.starts)
  sprayed.forEach((task) => {
    const key = `${sessionOf(model, plan.starts[task] as number)} ${model.setup[task]}`
    groups.set(key, [...(groups.get(key) ?? []), task])
  })
  return [...groups.values()].flatMap((own): Interruption[] => {
    const [first, last] = [own[0] as number, own.at(-1) as number]
    const among = sprayed
      .slice(sprayed.indexOf(first), sprayed.indexOf(last))
      .filter((task) => model.setup[task] !== model.setup[first])
    return among.length > 0 ? [{ first, last, among }] : []
  })
}

/** Keeps a fifth of each window as slack: of all at once where that can be, else of one after the other. */
function roomier(draft: Draft, limit: number, budget: Budget): Draft {
  if (draft.qualities.tight === 0) return draft
  const all = draft.model.windows.map((_, i) => i)
  const at = (best: Draft, windows: readonly number[]): Draft | null => {
    const model = withRoom(best.model, windows)
    const plan = tryPlan(model, limit, best.plan.starts, budget)
    const qualities = plan && qualitiesOf(draft.model, plan)
    return plan && qualities && compareQualities(qualities, best.qualities) < 0
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
