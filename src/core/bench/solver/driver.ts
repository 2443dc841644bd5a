import type { Model } from './model'
import { type Network, networkOf } from './network'
import { Rebuilding } from './rebuild'
import { type Budget, Dice, type Found, Search } from './search'
import { isPlan } from './valid'

/** A plan: starts by task, and its latest end. */
export type StartPlan = { starts: Int32Array; makespan: number }

/** How the search for the soonest finish ended. */
export type Outcome = {
  best: StartPlan | null
  lowerBound: number
  /** Nothing ends sooner than the best; without one: there is no plan at all. */
  proved: boolean
}

/** Up to so many tasks an exact search is worth most of the time. */
const SMALL = 40
/** Up to so many tasks a search by propagation betters plans, beyond only rebuilding does. */
const PROPAGATED = 150
/** Conflicts until the search for a first plan begins anew. */
const FIRST_CONFLICTS = 3000
/** Conflicts that one question about a crowded bench may take. */
const CROWDED_CONFLICTS = 40
/** Conflicts of one try to improve a part of a plan. */
const TRY_CONFLICTS = 150

/**
 * The soonest finish: a first plan, then an exact search with no-goods from both ends, and for crowded benches tries on
 * parts of the plan in between.
 *
 * Source: handbook 7.3.
 */
export class Driver {
  private known: { network: Network; search: Search } | null = null
  private readonly dice: Dice
  private readonly rebuilding: Rebuilding
  private readonly size: number
  best: StartPlan | null = null
  private sterile = false

  constructor(
    private readonly model: Model,
    private readonly budget: Budget,
    private readonly onBest: (plan: StartPlan, lowerBound: number) => void,
    private readonly start: { seed: number; guide: Int32Array | null; first?: boolean },
  ) {
    this.size = model.ids.length
    this.dice = new Dice(start.seed)
    this.rebuilding = new Rebuilding(model, new Dice(start.seed))
  }

  run(): Outcome {
    const { first = false } = this.start
    this.keepRunning()
    if (!this.best && (this.size > SMALL || (first && this.start.guide))) this.construct()
    // Where it costs little a first plan is packed by propagation too, unless there is one to go on from.
    const packs = this.size <= PROPAGATED && !this.start.guide
    if (first && this.best && !packs) return this.outcome(false)
    if (!this.network.engine.propagate()) return this.outcome(true)
    if (this.best && (first || this.size > PROPAGATED))
      this.asItComes(first ? TRY_CONFLICTS : FIRST_CONFLICTS)
    if (first && this.best) return this.outcome(this.closed())
    if (this.best) this.endSooner()
    if (!first) this.raiseBound()
    this.first()
    if (!first) while (!this.done()) this.round()
    return this.outcome(this.sterile || this.closed())
  }

  /** Made when it is first needed: for a crowded bench it takes longer than a first plan. */
  private get propagation(): { network: Network; search: Search } {
    if (!this.known) {
      const network = networkOf(this.model)
      this.known = { network, search: new Search(network, this.dice) }
    }
    return this.known
  }

  private get network(): Network {
    return this.propagation.network
  }

  private get search(): Search {
    return this.propagation.search
  }

  /** A plan put together, from the running one where there is one. */
  private construct(): void {
    const { guide } = this.start
    const near = guide && this.rebuilding.near(guide)
    const plan = near ?? this.rebuilding.first()
    if (plan) this.keep(plan.starts)
  }

  private outcome(proved: boolean): Outcome {
    const bound = this.known ? this.search.lowerBound : 0
    const lowerBound = proved && this.best ? this.best.makespan : Math.max(0, bound)
    return { best: this.best, lowerBound, proved }
  }

  private closed(): boolean {
    return this.best !== null && this.best.makespan <= this.search.lowerBound
  }

  private done(): boolean {
    return this.sterile || this.closed() || !this.budget.left()
  }

  /** The least end that propagation alone can't refute: halving. */
  private raiseBound(): void {
    if (this.done()) return
    const { engine, end } = this.network
    let low = this.search.lowerBound
    let high = this.best ? this.best.makespan : this.model.horizon
    while (low < high) {
      const mid = Math.floor((low + high) / 2)
      engine.decide(2 * end + 1, -mid)
      const holds = engine.propagate()
      engine.backTo(0)
      if (holds) high = mid
      else low = mid + 1
    }
    if (!engine.assert(2 * end, low)) this.sterile = true
  }

  /** The running plan, where it still is one: what has no reason to move stays. */
  private keepRunning(): void {
    const { guide } = this.start
    if (guide && isPlan(this.model, guide)) this.keep(guide)
  }

  private keep(starts: Int32Array): void {
    let makespan = 0
    starts.forEach((start, task) => {
      makespan = Math.max(makespan, start + (this.model.minutes[task] as number))
    })
    if (this.best && makespan >= this.best.makespan) return
    this.best = { starts, makespan }
    this.onBest(this.best, this.known ? this.search.lowerBound : 0)
    this.rebuilding.take(this.best)
    if (this.known) this.endSooner()
  }

  /** From now on only what ends sooner than the best counts. */
  private endSooner(): void {
    const { makespan } = this.best as StartPlan
    if (makespan > this.search.lowerBound && !this.search.endBy(makespan - 1)) this.sterile = true
  }

  private take(found: Found): void {
    if (found === null) this.sterile = true
    else if (found !== 'open' && found !== 'refuted') this.keep(found.starts)
  }

  /**
   * A search by propagation packs crowded evenings better than putting together does: rebuilding goes on from it. Free of the end found
   * so far, which would only lead it astray.
   */
  private asItComes(conflicts: number): void {
    const { budget } = this
    this.take(this.search.run({ conflicts, restart: conflicts, budget, by: 'time' }))
  }

  /** Any plan at all: as things come, put together, and by what clashes. */
  private first(): void {
    for (let round = 0; !this.best && !this.done(); round++) {
      const found = this.search.run({
        conflicts: FIRST_CONFLICTS * 2 ** Math.min(8, round),
        restart: FIRST_CONFLICTS,
        budget: this.budget,
        guide: round === 0 ? this.start.guide : null,
        by: round % 3 === 1 && this.size <= SMALL ? 'clashes' : 'time',
      })
      this.take(found)
      if (!this.best && !this.sterile) this.construct()
    }
  }

  private tries = 0

  /** One step of improvement; the ways take turns by a fixed pattern. */
  private round(): void {
    const best = this.best as StartPlan
    this.tries += 1
    const small = this.size <= SMALL
    if (!small && (this.size > PROPAGATED || this.tries % 2 === 0)) this.rebuild()
    else if (small || this.tries % 8 === 1) this.aim(small ? 800 : 300)
    else this.improvePart(best)
  }

  /** Another plan put together from the best. */
  private rebuild(): void {
    this.budget.spent += this.rebuilding.cost
    const sooner = this.rebuilding.next()
    if (sooner) this.keep(sooner.starts)
  }

  /** Half of the way from what is proved to the best: found, or refuted, or left open. */
  private aim(conflicts: number): void {
    const { end } = this.network
    const best = this.best as StartPlan
    const low = this.search.lowerBound
    const share = [0, 0.5, 0.85, 1][this.tries % 4] as number
    const target = Math.min(best.makespan - 1, low + Math.floor((best.makespan - 1 - low) * share))
    const found = this.search.run({
      conflicts,
      budget: this.budget,
      assume: [[2 * end + 1, -target]],
      guide: best.starts,
      by: 'clashes',
    })
    this.take(found)
  }

  /** Keeps the order of most tasks and looks for a sooner end with the others free. */
  private improvePart(best: StartPlan): void {
    const free = this.neighbourhood(best)
    const fixed = [...best.starts.keys()]
      .filter((task) => !free.has(task))
      .sort((a, b) => (best.starts[a] as number) - (best.starts[b] as number))
    const { pairs, pairOf } = this.network
    const assume: [number, number][] = []
    for (let i = 1; i < fixed.length; i++) {
      const [a, b] = [fixed[i - 1] as number, fixed[i] as number]
      const pair = pairs[pairOf(a, b)]
      if (pair) assume.push(pair.a === a ? [2 * pair.flag, 1] : [2 * pair.flag + 1, 0])
    }
    const found = this.search.run({
      conflicts: TRY_CONFLICTS,
      budget: this.budget,
      assume,
      guide: best.starts,
      by: this.dice.below(2) ? 'clashes' : 'time',
    })
    this.take(found)
  }

  /** Tasks to free: a stretch of time, or some tasks with what they are linked to. */
  private neighbourhood(best: StartPlan): Set<number> {
    const count = best.starts.length
    const size = Math.min(count, 12 + this.dice.below(40))
    const free = new Set<number>()
    const byTime = [...best.starts.keys()].sort(
      (a, b) => (best.starts[a] as number) - (best.starts[b] as number),
    )
    if (this.dice.below(2)) {
      const from = this.dice.below(Math.max(1, count - size + 1))
      for (const task of byTime.slice(from, from + size)) free.add(task)
      return free
    }
    while (free.size < size) {
      const queue = [this.dice.below(count)]
      for (let head = 0; head < queue.length && head < 8; head++) {
        const task = queue[head] as number
        free.add(task)
        for (const arc of this.network.model.arcsFrom[task] ?? [])
          if (!free.has(arc.to)) queue.push(arc.to)
      }
    }
    return free
  }
}

/** Is there a plan at all, as far as so many conflicts tell? A task that fits nowhere is a "no". */
export function feasibility(
  model: Model,
  conflicts: number,
  budget: Budget,
): 'yes' | 'no' | 'open' {
  if (model.impossible.length > 0 || model.domains.some((domain) => domain === null)) return 'no'
  const crowded = model.ids.length > SMALL
  if (crowded && new Rebuilding(model, new Dice(1)).first()) return 'yes'
  const network = networkOf(model)
  const search = new Search(network, new Dice(1))
  const most = model.ids.length > PROPAGATED ? CROWDED_CONFLICTS : conflicts
  const found = search.run({ conflicts: Math.min(most, conflicts), budget, by: 'time' })
  if (found === null) return 'no'
  return found === 'open' || found === 'refuted' ? 'open' : 'yes'
}
