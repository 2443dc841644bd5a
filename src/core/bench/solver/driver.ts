import type { Model } from './model'
import { type Network, networkOf } from './network'
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
/** Up to so many tasks the bound is found before the first plan: it costs little there, and guides it. */
const QUICKLY_BOUND = 150
/** Conflicts until the search for a first plan begins anew. */
const FIRST_CONFLICTS = 3000
/** Conflicts of one try to improve a part of a plan. */
const TRY_CONFLICTS = 150

/**
 * The soonest finish: a first plan, then an exact search with no-goods from both ends, and for crowded benches tries on
 * parts of the plan in between.
 *
 * Source: handbook 7.3.
 */
export class Driver {
  readonly network: Network
  private readonly search: Search
  private readonly dice: Dice
  best: StartPlan | null = null
  private sterile = false
  private bounded = false

  constructor(
    model: Model,
    private readonly budget: Budget,
    private readonly onBest: (plan: StartPlan, lowerBound: number) => void,
    private readonly start: { seed: number; guide: Int32Array | null; first?: boolean },
  ) {
    this.network = networkOf(model)
    this.dice = new Dice(start.seed)
    this.search = new Search(this.network, this.dice)
  }

  run(): Outcome {
    const { engine } = this.network
    if (!engine.propagate()) return this.outcome(true)
    this.keepRunning()
    if (this.network.model.ids.length <= QUICKLY_BOUND && !this.start.first) this.raiseBound()
    this.first()
    if (this.start.first) return this.outcome(this.sterile || this.closed())
    this.raiseBound()
    while (!this.done()) this.round()
    return this.outcome(this.sterile || this.closed())
  }

  private outcome(proved: boolean): Outcome {
    const lowerBound =
      proved && this.best ? this.best.makespan : Math.max(0, this.search.lowerBound)
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
    if (this.bounded || this.done()) return
    this.bounded = true
    const { engine, end, model } = this.network
    let low = this.search.lowerBound
    let high = this.best ? this.best.makespan : model.horizon
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
    if (guide && !this.sterile && isPlan(this.network.model, guide)) this.keep(guide)
  }

  private keep(starts: Int32Array): void {
    const { model } = this.network
    let makespan = 0
    starts.forEach((start, task) => {
      makespan = Math.max(makespan, start + (model.minutes[task] as number))
    })
    if (this.best && makespan >= this.best.makespan) return
    this.best = { starts, makespan }
    this.onBest(this.best, this.search.lowerBound)
    if (makespan > this.search.lowerBound && !this.search.endBy(makespan - 1)) this.sterile = true
  }

  private take(found: Found): void {
    if (found === null) this.sterile = true
    else if (found !== 'open' && found !== 'refuted') this.keep(found.starts)
  }

  /** Any plan at all: first as things come, then by what clashes. */
  private first(): void {
    const small = this.network.model.ids.length <= SMALL
    for (let round = 0; !this.best && !this.done(); round++) {
      const found = this.search.run({
        conflicts: FIRST_CONFLICTS * 2 ** Math.min(8, round),
        restart: FIRST_CONFLICTS,
        budget: this.budget,
        guide: round === 0 ? this.start.guide : null,
        by: round % 3 === 1 && small ? 'clashes' : 'time',
      })
      this.take(found)
    }
  }

  private tries = 0

  /** One step of improvement; the ways take turns by a fixed pattern. */
  private round(): void {
    const best = this.best as StartPlan
    this.tries += 1
    const small = best.starts.length <= SMALL
    if (small || this.tries % 4 === 0) this.aim(small ? 800 : 300)
    else this.improvePart(best)
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
  const network = networkOf(model)
  const search = new Search(network, new Dice(1))
  const found = search.run({ conflicts, budget, by: 'time' })
  if (found === null) return 'no'
  return found === 'open' || found === 'refuted' ? 'open' : 'yes'
}
