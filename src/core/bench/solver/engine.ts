/**
 * A constraint engine over bounds of whole numbers: propagation of conditional difference constraints, learning of no-goods
 * from conflicts (first unique implication point), and their use in what follows.
 *
 * A variable x has two keys: 2x holds its least value, 2x+1 the least value of −x (minus its greatest). A literal (key, value)
 * says that the bound of the key is at least the value; its negation is (key ^ 1, 1 − value). Yes/no variables are 0 or 1.
 *
 * Source: handbook 7.3.
 */

/** Which values a variable may take, as its bounds move: the next allowed one, and the least value that means the same. */
export type Holes = {
  /** The first allowed value of the key at or above; Infinity when there is none. */
  snap: (key: number, value: number) => number
  /** The least value that, with what is not allowed, says no less. */
  lift: (key: number, value: number) => number
}

/**
 * Rules that aren't `a ≤ b + d`: where one bound is so much, what another is at the least, stepwise and never falling.
 * Source: handbook 7.3, one sitting.
 */
export type Steps = {
  /** The least value of a key that follows from the bound of another of the same parity. */
  reach: (key: number, value: number) => number
  /** The least bound of the other from which a value of the key follows. */
  before: (key: number, value: number) => number
}

/** Literals that can't all hold: keys and values, one after another. */
export type Nogood = number[]

/** An entry of a list that is known to reach so far: the check of a missing one would cost more than the read. */
export const at = (list: Int32Array, i: number): number => list[i] as number

/** What an arc holds under: always. */
export const ALWAYS = -1
/** It always holds, and goes by the steps instead of a gap. */
export const STEPWISE = -2

const DECIDED = -1
const GIVEN = -2
/** Reasons from here down are clauses: number = FIRST_CLAUSE − reason. */
const FIRST_CLAUSE = -10

class Growing {
  data: Int32Array<ArrayBuffer>
  length = 0
  constructor(size: number) {
    this.data = new Int32Array(size)
  }
  push(value: number): void {
    if (this.length === this.data.length) {
      const bigger = new Int32Array(this.data.length * 2)
      bigger.set(this.data)
      this.data = bigger
    }
    this.data[this.length++] = value
  }
}

/** Lists by key, made when they are first needed: most keys of a crowded bench never have one. */
type Lists = (number[] | undefined)[]

function listAt(lists: Lists, key: number): number[] {
  const known = lists[key]
  if (known) return known
  const made: number[] = []
  lists[key] = made
  return made
}

type Clause = { keys: Int32Array; values: Int32Array; activity: number }

/** Bounds of keys, joined by rules `a ≤ b + d` and clauses, taken back to any earlier level of decisions. */
export class Engine {
  /** Bound of each key. */
  readonly bound: Int32Array
  /** Bounds that hold whatever is decided. */
  readonly root: Int32Array
  /** How often each yes/no key was part of a conflict lately. */
  readonly activity: Float64Array
  conflicts = 0
  /** How many bounds were followed to what hangs on them: what a search really costs. */
  followed = 0
  private readonly keys: number
  private readonly arcFrom = new Growing(1024)
  private readonly arcTo = new Growing(1024)
  private readonly arcGap = new Growing(1024)
  private readonly arcWhen = new Growing(1024)
  /** Arcs that leave a key, and arcs that hold only where a yes/no key does. */
  private readonly leaving: Lists
  private readonly waiting: Lists
  private readonly last: Int32Array
  private readonly trailKey = new Growing(1024)
  private readonly trailOld = new Growing(1024)
  private readonly trailPrev = new Growing(1024)
  private readonly trailReason = new Growing(1024)
  private readonly levels: number[] = []
  private readonly queue: number[] = []
  private readonly queued: Uint8Array
  private clauses: Clause[] = []
  /** Clauses that watch a key: clause number and the value that makes their literal false. */
  private readonly watches: Lists
  private readonly need: Int32Array
  private readonly needed: Uint8Array
  private conflict: Nogood | null = null
  private step = 1

  constructor(
    variables: number,
    initial: Int32Array,
    /** Keys from here on are yes/no. */
    private readonly firstFlag: number,
    private readonly holes: Holes,
    private readonly steps: Steps,
    /** Asked when all arcs hold: literals that can't hold together, or null. */
    private readonly global: ((engine: Engine) => Nogood | null) | null,
  ) {
    this.keys = variables * 2
    this.bound = initial.slice()
    this.root = initial.slice()
    this.activity = new Float64Array(this.keys)
    this.leaving = new Array(this.keys)
    this.waiting = new Array(this.keys)
    this.last = new Int32Array(this.keys).fill(-1)
    this.queued = new Uint8Array(this.keys)
    this.watches = new Array(this.keys)
    this.need = new Int32Array(this.keys)
    this.needed = new Uint8Array(this.keys)
  }

  get level(): number {
    return this.levels.length
  }

  holds(key: number, value: number): boolean {
    return at(this.bound, key) >= value
  }

  fails(key: number, value: number): boolean {
    return at(this.bound, key ^ 1) >= 1 - value
  }

  /** to ≥ from + gap in keys, where a yes/no key holds, or always; or by the steps. */
  addArc(from: number, to: number, gap: number, when: number): void {
    const arc = this.arcFrom.length
    this.arcFrom.push(from)
    this.arcTo.push(to)
    this.arcGap.push(gap)
    this.arcWhen.push(when)
    listAt(this.leaving, from).push(arc)
    if (when >= 0) listAt(this.waiting, when).push(arc)
    this.wake(from)
  }

  /** A new level that begins with a literal that can still hold. */
  decide(key: number, value: number): void {
    this.levels.push(this.trailKey.length)
    this.set(key, value, DECIDED)
  }

  /** A literal that holds from now on; only at level 0. @returns false: it can't */
  assert(key: number, value: number): boolean {
    if (this.level > 0) throw new RangeError('assert: only where nothing is decided')
    return this.set(key, value, GIVEN) && this.propagate()
  }

  /**
   * Propagates until nothing moves.
   *
   * @returns false on a conflict, to be resolved by `learn`
   */
  propagate(): boolean {
    if (this.conflict === null) {
      for (let head = 0; head < this.queue.length; head++) {
        const key = this.queue[head] as number
        this.queued[key] = 0
        this.followed += 1
        if (!(this.followArcs(key) && this.followWaiting(key) && this.followWatches(key)))
          return this.stopQueue()
      }
      this.queue.length = 0
      const clash = this.global?.(this) ?? null
      if (clash !== null) {
        this.conflict = clash
        return this.stopQueue()
      }
    }
    if (this.conflict !== null) return this.stopQueue()
    if (this.level === 0) this.settle()
    return true
  }

  /** Takes everything back that was decided above a level. */
  backTo(level: number): void {
    if (level >= this.level) return
    const end = this.levels[level] as number
    for (let i = this.trailKey.length - 1; i >= end; i--) {
      const key = at(this.trailKey.data, i)
      this.bound[key] = at(this.trailOld.data, i)
      this.last[key] = at(this.trailPrev.data, i)
    }
    for (const trail of [this.trailKey, this.trailOld, this.trailPrev, this.trailReason])
      trail.length = end
    this.levels.length = level
    this.stopQueue()
    this.conflict = null
  }

  /**
   * Learns from the conflict at hand: goes back to where what was learned forces something, and asserts it there.
   *
   * @returns false when nothing was decided: there is no solution
   */
  learn(): boolean {
    this.conflicts += 1
    if (this.level === 0 || this.conflict === null) return false
    const nogood = this.analyse(this.conflict)
    this.conflict = null
    if (nogood === null) return false
    const { keys, values, back } = nogood
    this.backTo(back)
    this.step *= 1.05
    if (this.step > 1e100) this.rescale()
    if (keys.length === 1) return this.set(at(keys, 0), at(values, 0), GIVEN) || this.level > 0
    const number = this.watchClause({ keys, values, activity: this.step })
    this.set(at(keys, 0), at(values, 0), FIRST_CLAUSE - number)
    return true
  }

  /** Forgets half of what was learned, the least useful first; only at level 0. */
  forget(most: number): void {
    if (this.clauses.length <= most || this.level > 0) return
    const kept = this.clauses.sort((a, b) => b.activity - a.activity).slice(0, most >> 1)
    for (const list of this.watches) if (list) list.length = 0
    this.clauses = []
    for (const clause of kept) if (!this.isSettled(clause)) this.watchClause(clause)
  }

  // Setting bounds

  private set(key: number, value: number, reason: number): boolean {
    if (at(this.bound, key) >= value) return true
    const snapped = this.holes.snap(key, value)
    if (snapped > -at(this.bound, key ^ 1)) {
      const lifted = this.holes.lift(key, value)
      this.conflict = this.explain(key, lifted, reason, this.trailKey.length)
      // Past the last allowed value there is nothing to say of the other end.
      if (Number.isFinite(snapped))
        this.conflict.push(key ^ 1, this.holes.lift(key ^ 1, 1 - snapped))
      return false
    }
    this.trailKey.push(key)
    this.trailOld.push(at(this.bound, key))
    this.trailPrev.push(at(this.last, key))
    this.trailReason.push(reason)
    this.last[key] = this.trailKey.length - 1
    this.bound[key] = snapped
    this.wake(key)
    return true
  }

  private wake(key: number): void {
    if (this.queued[key]) return
    this.queued[key] = 1
    this.queue.push(key)
  }

  private stopQueue(): false {
    for (const key of this.queue) this.queued[key] = 0
    this.queue.length = 0
    return false
  }

  /** What holds now holds for ever: its reasons are no longer asked for. */
  private settle(): void {
    for (const trail of [this.trailKey, this.trailOld, this.trailPrev, this.trailReason])
      trail.length = 0
    this.last.fill(-1)
    this.root.set(this.bound)
  }

  // Propagation

  private followArcs(key: number): boolean {
    const list = this.leaving[key]
    if (list === undefined) return true
    const start = at(this.bound, key)
    for (let i = 0; i < list.length; i++) {
      const arc = list[i] as number
      const to = at(this.arcTo.data, arc)
      const when = at(this.arcWhen.data, arc)
      const least =
        when === STEPWISE ? this.steps.reach(to, start) : start + at(this.arcGap.data, arc)
      if (when >= 0) {
        const state = this.stateOf(when)
        if (state < 0) continue
        if (state === 0) {
          if (least > -at(this.bound, to ^ 1) && !this.deny(when, arc)) return false
          continue
        }
      }
      if (least > at(this.bound, to) && !this.set(to, least, arc)) return false
    }
    return true
  }

  private followWaiting(key: number): boolean {
    const list = this.waiting[key]
    if (list === undefined || this.stateOf(key) <= 0) return true
    for (const arc of list) {
      const least = at(this.bound, at(this.arcFrom.data, arc)) + at(this.arcGap.data, arc)
      if (!this.set(at(this.arcTo.data, arc), least, arc)) return false
    }
    return true
  }

  /** 1 true, −1 false, 0 open: a yes/no key. */
  private stateOf(key: number): number {
    if (at(this.bound, key) >= yes(key)) return 1
    return at(this.bound, key ^ 1) >= 1 - yes(key) ? -1 : 0
  }

  private deny(when: number, arc: number): boolean {
    return this.set(when ^ 1, 1 - yes(when), arc)
  }

  private followWatches(key: number): boolean {
    const list = this.watches[key]
    if (list === undefined) return true
    const bound = at(this.bound, key)
    let kept = 0
    for (let i = 0; i < list.length; i += 2) {
      const number = list[i] as number
      const threshold = list[i + 1] as number
      if (bound < threshold) {
        list[kept++] = number
        list[kept++] = threshold
        continue
      }
      const clause = this.clauses[number] as Clause
      const { keys, values } = clause
      // The false literal goes to place 1.
      if (at(keys, 0) === (key ^ 1) && 1 - at(values, 0) === threshold) swap(clause, 0, 1)
      if (this.holds(at(keys, 0), at(values, 0)) || !this.moveWatch(clause, number)) {
        list[kept++] = number
        list[kept++] = threshold
        if (!this.set(at(keys, 0), at(values, 0), FIRST_CLAUSE - number)) {
          for (let j = i + 2; j < list.length; j++) list[kept++] = list[j] as number
          list.length = kept
          return false
        }
      }
    }
    list.length = kept
    return true
  }

  private moveWatch(clause: Clause, number: number): boolean {
    const { keys, values } = clause
    for (let j = 2; j < keys.length; j++) {
      if (this.fails(at(keys, j), at(values, j))) continue
      swap(clause, 1, j)
      this.watch(at(keys, 1), at(values, 1), number)
      return true
    }
    return false
  }

  private watch(key: number, value: number, number: number): void {
    listAt(this.watches, key ^ 1).push(number, 1 - value)
  }

  private watchClause(clause: Clause): number {
    const number = this.clauses.length
    this.clauses.push(clause)
    this.watch(at(clause.keys, 0), at(clause.values, 0), number)
    this.watch(at(clause.keys, 1), at(clause.values, 1), number)
    return number
  }

  /** True for ever, or with fewer than two literals open: not worth keeping, since it was propagated already. */
  private isSettled({ keys, values }: Clause): boolean {
    let open = 0
    for (let i = 0; i < keys.length; i++) {
      if (this.holds(at(keys, i), at(values, i))) return true
      if (!this.fails(at(keys, i), at(values, i))) {
        swap({ keys, values, activity: 0 }, open, i)
        open += 1
      }
    }
    return open < 2
  }

  // Explaining and learning

  /** The bound of a key before a place in the trail. */
  private valueBefore(key: number, place: number): number {
    let entry = at(this.last, key)
    let value = at(this.bound, key)
    while (entry >= place) {
      value = at(this.trailOld.data, entry)
      entry = at(this.trailPrev.data, entry)
    }
    return value
  }

  /** The place in the trail where a literal that holds began to. */
  private placeOf(key: number, value: number): number {
    let entry = at(this.last, key)
    while (at(this.trailOld.data, entry) >= value) entry = at(this.trailPrev.data, entry)
    return entry
  }

  /** Literals from which (key ≥ value) followed, before a place in the trail. */
  private explain(key: number, value: number, reason: number, place: number): Nogood {
    if (reason === DECIDED || reason === GIVEN) return []
    if (reason <= FIRST_CLAUSE) {
      const clause = this.clauses[FIRST_CLAUSE - reason] as Clause
      clause.activity += this.step
      const out: Nogood = []
      for (let i = 1; i < clause.keys.length; i++)
        out.push(at(clause.keys, i) ^ 1, 1 - at(clause.values, i))
      return out
    }
    const from = at(this.arcFrom.data, reason)
    const gap = at(this.arcGap.data, reason)
    const when = at(this.arcWhen.data, reason)
    const to = at(this.arcTo.data, reason)
    const { lift } = this.holes
    if (key === to) {
      const least = when === STEPWISE ? this.steps.before(key, value) : value - gap
      const out = [from, lift(from, least)]
      if (when >= 0) out.push(when, yes(when))
      return out
    }
    // The order was denied: it would have pushed past the other end.
    const least = this.valueBefore(from, place)
    return [from, lift(from, least), to ^ 1, lift(to ^ 1, 1 - gap - least)]
  }

  private analyse(conflict: Nogood) {
    const start = this.levels[this.level - 1] as number
    const touched: number[] = []
    let here = 0
    const add = (key: number, value: number) => {
      if (at(this.root, key) >= value) return
      const known = this.needed[key] === 1
      if (known && at(this.need, key) >= value) return
      const wasHere = known && this.placeOf(key, at(this.need, key)) >= start
      if (!known) touched.push(key)
      this.needed[key] = 1
      this.need[key] = value
      if (key >= this.firstFlag) this.bump(key)
      if (!wasHere && this.placeOf(key, value) >= start) here += 1
    }
    for (let i = 0; i < conflict.length; i += 2)
      add(conflict[i] as number, conflict[i + 1] as number)
    let assertingKey = -1
    let assertingValue = 0
    for (let place = this.trailKey.length - 1; place >= start && here > 0; place--) {
      const key = at(this.trailKey.data, place)
      if (this.needed[key] !== 1 || at(this.trailOld.data, place) >= at(this.need, key)) continue
      const value = at(this.need, key)
      if (here === 1) {
        assertingKey = key
        assertingValue = value
        break
      }
      this.needed[key] = 0
      here -= 1
      const why = this.explain(key, value, at(this.trailReason.data, place), place)
      for (let i = 0; i < why.length; i += 2) add(why[i] as number, why[i + 1] as number)
    }
    const clause = this.clauseOf(touched, assertingKey, assertingValue)
    for (const key of touched) this.needed[key] = 0
    return clause
  }

  /** The negated literals that are left; null when none are: there is no solution at all. */
  private clauseOf(touched: readonly number[], assertingKey: number, assertingValue: number) {
    const rest: { key: number; value: number; place: number }[] = []
    for (const key of new Set(touched)) {
      if (this.needed[key] !== 1 || key === assertingKey) continue
      const value = at(this.need, key)
      const place = this.placeOf(key, value)
      if (!this.isImplied(key, value, place)) rest.push({ key, value, place })
    }
    if (assertingKey < 0) {
      if (rest.length === 0) return null
      // All below this level: the newest literal is the one that is asserted.
      rest.sort((a, b) => b.place - a.place)
      const first = rest.shift() as { key: number; value: number; place: number }
      return this.packClause(first.key, first.value, rest)
    }
    return this.packClause(assertingKey, assertingValue, rest)
  }

  private packClause(
    key: number,
    value: number,
    rest: { key: number; value: number; place: number }[],
  ) {
    rest.sort((a, b) => b.place - a.place)
    const keys = Int32Array.from([key, ...rest.map((literal) => literal.key)], (k) => k ^ 1)
    const values = Int32Array.from([value, ...rest.map((literal) => literal.value)], (v) => 1 - v)
    const newest = rest[0]
    return { keys, values, back: newest ? this.levelOf(newest.place) : 0 }
  }

  /** A literal that follows from the others needn't be said. */
  private isImplied(key: number, value: number, place: number): boolean {
    const reason = at(this.trailReason.data, place)
    if (reason === DECIDED || reason === GIVEN) return false
    const why = this.explain(key, value, reason, place)
    for (let i = 0; i < why.length; i += 2) {
      const k = why[i] as number
      const v = why[i + 1] as number
      if (at(this.root, k) >= v) continue
      if (this.needed[k] !== 1 || at(this.need, k) < v) return false
      // Only from what came before: two literals must not vouch for each other.
      if (this.placeOf(k, at(this.need, k)) >= place) return false
    }
    return true
  }

  private levelOf(place: number): number {
    let low = 0
    let high = this.levels.length
    while (low < high) {
      const mid = (low + high) >> 1
      if ((this.levels[mid] as number) <= place) low = mid + 1
      else high = mid
    }
    return low
  }

  private bump(key: number): void {
    this.activity[key & ~1] = (this.activity[key & ~1] as number) + this.step
  }

  private rescale(): void {
    for (let key = 0; key < this.keys; key++)
      this.activity[key] = (this.activity[key] as number) * 1e-100
    for (const clause of this.clauses) clause.activity *= 1e-100
    this.step *= 1e-100
  }
}

/** The value that makes a yes/no key true. */
function yes(key: number): number {
  return key & 1 ? 0 : 1
}

function swap({ keys, values }: Clause, a: number, b: number): void {
  const key = at(keys, a)
  keys[a] = at(keys, b)
  keys[b] = key
  const value = at(values, a)
  values[a] = at(values, b)
  values[b] = value
}
