import { at } from './engine'
import { type Network, type Pair, spacing } from './network'

/** Whole numbers in a fixed order for a seed. */
export class Dice {
  constructor(private state: number) {}
  /** 0 … below − 1. */
  below(below: number): number {
    this.state = (Math.imul(this.state ^ (this.state >>> 15), 0x2c1b3c6d) + 0x9e3779b9) | 0
    const mixed = Math.imul(this.state ^ (this.state >>> 12), 0x297a2d39)
    return ((mixed ^ (mixed >>> 15)) >>> 0) % below
  }
}

/** Counts the work done, conflicts and decisions together, and says when to stop. */
export type Budget = { spent: number; left: () => boolean }

/** What a search came to: starts by task; null: there is no plan; `refuted`: none with the assumptions; `open`: not known. */
export type Found = { starts: Int32Array } | null | 'refuted' | 'open'

/** What a search may cost, and how it chooses what to try. */
export type SearchOptions = {
  /** Give up after so many conflicts. */
  conflicts: number
  /** Conflicts of the first restart; the others are multiples. */
  restart?: number
  budget: Budget
  /** Literals tried first, key and value: what follows from them failing is learned, and they are then let go. */
  assume?: readonly [number, number][]
  /** Starts of a plan whose orders are tried first. */
  guide?: Int32Array | null
  /** How the next open question is chosen: the earliest task now, or the order that clashed most lately. */
  by: 'time' | 'clashes'
}

/** How many learned clauses are kept between restarts. */
const KEPT_CLAUSES = 6000
/** Conflicts of the first restart. */
const RESTART = 60

/** 1 1 2 1 1 2 4 1 …: how long each restart lasts. */
function luby(index: number): number {
  let size = 1
  let sequence = 0
  while (size < index + 1) {
    sequence += 1
    size = 2 * size + 1
  }
  let i = index
  while (size - 1 !== i) {
    size = (size - 1) >> 1
    sequence -= 1
    i %= size
  }
  return 2 ** sequence
}

/** Searches a network for a plan; what is learned stays with it. Source: handbook 7.3. */
export class Search {
  private readonly order: Int32Array
  private readonly shared: Int32Array
  private readonly count: number

  constructor(
    readonly network: Network,
    private readonly dice: Dice,
  ) {
    const { setup, ids } = network.model
    this.count = ids.length
    this.order = Int32Array.from({ length: this.count }, (_, i) => i)
    this.shared = Int32Array.from([...setup.keys()].filter((task) => setup[task] !== null))
  }

  /** The earliest minute at which everything can be done, as far as is proved. */
  get lowerBound(): number {
    return at(this.network.engine.root, 2 * this.network.end)
  }

  /** From now on only plans that end sooner count. @returns false: there are none */
  endBy(minute: number): boolean {
    const { engine, end } = this.network
    engine.backTo(0)
    return engine.assert(2 * end + 1, -minute)
  }

  run(options: SearchOptions): Found {
    const { engine } = this.network
    const last = engine.conflicts + options.conflicts
    engine.backTo(0)
    for (let restart = 0; ; restart++) {
      engine.forget(KEPT_CLAUSES)
      const until = Math.min(last, engine.conflicts + (options.restart ?? RESTART) * luby(restart))
      const found = this.descend(options, until)
      if (found !== 'open' || engine.conflicts >= last || !options.budget.left()) {
        engine.backTo(0)
        return found
      }
      engine.backTo(0)
    }
  }

  /** Decides and learns until a plan is found, there is none, or so many conflicts were met. */
  private descend(options: SearchOptions, until: number): Found {
    const { engine } = this.network
    const { budget, assume = [] } = options
    for (;;) {
      while (!engine.propagate()) {
        budget.spent += 1
        if (!engine.learn()) return null
        if (engine.conflicts >= until || !budget.left()) return 'open'
      }
      budget.spent += 1
      if (!budget.left()) return 'open'
      const wanted = this.assumption(assume)
      if (wanted === 'against') return 'refuted'
      if (wanted) {
        engine.decide(wanted[0], wanted[1])
        continue
      }
      const decision = options.by === 'time' ? this.byTime(options) : this.byClashes(options)
      if (decision === 'posed') continue
      if (decision === null) return { starts: this.startsNow() }
      engine.decide(decision[0], decision[1])
    }
  }

  private startsNow(): Int32Array {
    const { engine } = this.network
    return Int32Array.from({ length: this.count }, (_, task) => at(engine.bound, 2 * task))
  }

  /** The first assumption that isn't decided yet. */
  private assumption(assume: readonly [number, number][]): [number, number] | 'against' | null {
    const { engine } = this.network
    for (const literal of assume) {
      if (engine.holds(literal[0], literal[1])) continue
      return engine.fails(literal[0], literal[1]) ? 'against' : literal
    }
    return null
  }

  /** Tasks by their earliest start: nearly sorted from the last time. */
  private sorted(list: Int32Array): Int32Array {
    const { bound } = this.network.engine
    for (let i = 1; i < list.length; i++) {
      const task = list[i] as number
      const start = at(bound, 2 * task)
      let j = i - 1
      while (j >= 0 && at(bound, 2 * at(list, j)) > start) {
        list[j + 1] = at(list, j)
        j--
      }
      list[j + 1] = task
    }
    return list
  }

  /** Two tasks that would be done at once if each began at its earliest; their order is open then. */
  private clash(a: number, b: number): boolean {
    const { engine, model } = this.network
    const startA = at(engine.bound, 2 * a)
    const startB = at(engine.bound, 2 * b)
    return startB < startA + spacing(model, a, b) && startA < startB + spacing(model, b, a)
  }

  /** Every pair that clashes, as far as one task reaches; by the hands first, then by the airbrush. */
  private eachClash(see: (a: number, b: number) => boolean): void {
    const { engine, model } = this.network
    for (const [list, clean] of [
      [this.sorted(this.order), 0],
      [this.sorted(this.shared), model.changeover],
    ] as const)
      for (let i = 0; i < list.length; i++) {
        const a = at(list, i)
        const reach = at(engine.bound, 2 * a) + (model.minutes[a] as number) + clean
        for (let j = i + 1; j < list.length; j++) {
          const b = at(list, j)
          if (at(engine.bound, 2 * b) >= reach) break
          if (this.clash(a, b) && see(a, b)) return
        }
      }
  }

  /** The open order that took part in most conflicts lately. */
  private byClashes(options: SearchOptions): Decision {
    const { engine, pairs, pairOf, pose } = this.network
    let best = -1
    let most = -1
    let seen = 0
    let posed = false
    this.eachClash((a, b) => {
      const number = pairOf(a, b)
      const pair = pairs[number]
      if (!pair) return false
      if (pose(number)) posed = true
      const activity = engine.activity[2 * pair.flag] as number
      if (activity > most) {
        most = activity
        best = number
      }
      seen += 1
      return seen >= MOST_WEIGHED
    })
    if (posed) return 'posed'
    return best < 0 ? null : this.ordered(best, options.guide ?? null)
  }

  /** Which of a pair goes first: as in the guiding plan, else what leaves more room. */
  private ordered(number: number, guide: Int32Array | null): [number, number] {
    const { engine, model, pairs } = this.network
    const { a, b, flag } = pairs[number] as Pair
    const start = (task: number) => at(engine.bound, 2 * task)
    const latest = (task: number) => -at(engine.bound, 2 * task + 1)
    let aFirst: boolean
    if (guide && at(guide, a) !== at(guide, b)) aFirst = at(guide, a) < at(guide, b)
    else {
      const roomA = latest(b) - start(a) - spacing(model, a, b)
      const roomB = latest(a) - start(b) - spacing(model, b, a)
      aFirst = roomA === roomB ? start(a) <= start(b) : roomA > roomB
    }
    return aFirst ? [2 * flag, 1] : [2 * flag + 1, 0]
  }

  /**
   * The earliest task that clashes with another begins now, before the others: among those that could, the one with the
   * least room.
   */
  private byTime(options: SearchOptions): Decision {
    const { engine } = this.network
    const { guide } = options
    let best = -1
    let first = Number.POSITIVE_INFINITY
    const weigh = (task: number) =>
      guide ? at(guide, task) : -at(engine.bound, 2 * task + 1) + this.dice.below(2)
    this.eachClash((a, b) => {
      const start = at(engine.bound, 2 * a)
      if (start > first) return true
      for (const task of [a, b]) {
        const own = at(engine.bound, 2 * task)
        if (own > first) continue
        if (own < first || weigh(task) < weigh(best)) best = task
        first = own
      }
      return false
    })
    if (best < 0) return null
    const start = at(engine.bound, 2 * best)
    if (-at(engine.bound, 2 * best + 1) <= start) return this.byClashes(options)
    this.poseWith(best)
    return [2 * best + 1, -start]
  }

  /** Poses every pair of a task that clashes now. */
  private poseWith(task: number): void {
    const { pairOf, pose } = this.network
    for (let other = 0; other < this.count; other++) {
      const number = pairOf(task, other)
      if (number >= 0 && this.clash(task, other)) pose(number)
    }
  }
}

/** The literal to decide; `posed`: pairs came to be known, so propagate first; null: nothing is open. */
type Decision = [number, number] | 'posed' | null

/** How many clashes are weighed for one decision. */
const MOST_WEIGHED = 400
