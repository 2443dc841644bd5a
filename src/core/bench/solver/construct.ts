import { at } from './engine'
import type { Arc, Model } from './model'
import { strongComponents } from './strongComponents'

/**
 * Tasks that windows and sittings tie to one another, in the order in which they are placed: they are laid together, or the first is
 * put off until the others fit behind it.
 */
export type Bundle = readonly number[]

/** A model made ready for building plans one bundle after the other. */
export type Builder = {
  model: Model
  bundles: readonly Bundle[]
  /** Bundle of each task. */
  bundleOf: Int32Array
  /** Bundles that come after each, and how many come before it. */
  after: readonly (readonly number[])[]
  countBefore: Int32Array
  arcsInto: readonly (readonly Arc[])[]
}

/** Placements of one bundle that are tried before it is given up. */
const MOST_TRIES = 4000

export function builderOf(model: Model): Builder {
  const count = model.ids.length
  const next = model.arcsFrom.map((arcs) => arcs.map(({ to }) => to))
  for (const [a, b] of model.sittings) {
    next[a]?.push(b)
    next[b]?.push(a)
  }
  const bundleOf = strongComponents(next)
  const members: number[][] = []
  for (let task = 0; task < count; task++) {
    const own = at(bundleOf, task)
    members[own] ??= []
    members[own]?.push(task)
  }
  const arcsInto: Arc[][] = Array.from({ length: count }, () => [])
  for (const arcs of model.arcsFrom) for (const arc of arcs) arcsInto[arc.to]?.push(arc)
  const bundles = members.map((tasks) => inOrder(tasks, arcsInto))
  const after = bundles.map((tasks, own) => {
    const others = tasks.flatMap((task) =>
      (model.arcsFrom[task] ?? []).map(({ to }) => at(bundleOf, to)),
    )
    return [...new Set(others)].filter((other) => other !== own)
  })
  const countBefore = new Int32Array(bundles.length)
  for (const list of after)
    for (const other of list) countBefore[other] = at(countBefore, other) + 1
  return { model, bundles, bundleOf, after, countBefore, arcsInto }
}

/** Each task behind those that links put before it. */
function inOrder(tasks: readonly number[], arcsInto: readonly (readonly Arc[])[]): number[] {
  if (tasks.length < 2) return [...tasks]
  const own = new Set(tasks)
  const place = new Map(tasks.map((task) => [task, 0]))
  // As often as there are tasks, the longest chain: more would be a cycle.
  for (let round = 0, moved = true; moved && round < tasks.length; round++) {
    moved = false
    for (const task of tasks)
      for (const { from, window, gap } of arcsInto[task] ?? []) {
        if (window || gap < 0 || !own.has(from)) continue
        const least = (place.get(from) ?? 0) + 1
        if (least <= (place.get(task) ?? 0)) continue
        place.set(task, least)
        moved = true
      }
  }
  return [...tasks].sort((a, b) => (place.get(a) ?? 0) - (place.get(b) ?? 0) || a - b)
}

/**
 * The latest minute at which each bundle may begin so that all that hangs on it is over by an end, by links and the sessions: what
 * has to begin soonest is the most pressing.
 */
export function latestBegins({ model, bundles, bundleOf }: Builder, end: number): Float64Array {
  const ofTask = new Float64Array(model.ids.length)
  const latest = new Float64Array(bundles.length)
  // Bundles come numbered with what they lead to before them.
  bundles.forEach((tasks, own) => {
    for (let i = tasks.length - 1; i >= 0; i--) {
      const task = tasks[i] as number
      let last = end - (model.minutes[task] as number)
      for (const { to, gap, window } of model.arcsFrom[task] ?? [])
        if (!window && (at(bundleOf, to) !== own || gap >= 0))
          last = Math.min(last, (ofTask[to] as number) - gap)
      ofTask[task] = Math.max(-end, model.domains[task]?.previous(last) ?? last)
    }
    latest[own] = ofTask[tasks[0] as number] as number
  })
  return latest
}

/**
 * Builds a plan: the bundles one after the other as they rank, each at the first minutes that are left.
 *
 * @param rank of each bundle; those that something must come before wait for it whatever their rank
 * @param release minute that each task begins no sooner than; null: at once
 * @returns starts by task; null where a bundle found no place
 */
export function build(
  builder: Builder,
  rank: ArrayLike<number>,
  release: Int32Array | null = null,
): Int32Array | null {
  const { bundles, after } = builder
  const missing = builder.countBefore.slice()
  const ready = new Ready(rank)
  bundles.forEach((_, bundle) => {
    if (at(missing, bundle) === 0) ready.push(bundle)
  })
  const laid = new Laying(builder, release)
  for (let bundle = ready.pop(); bundle >= 0; bundle = ready.pop()) {
    if (!laid.place(bundles[bundle] as Bundle)) return null
    for (const other of after[bundle] ?? []) {
      missing[other] = at(missing, other) - 1
      if (at(missing, other) === 0) ready.push(other)
    }
  }
  return laid.starts
}

/** Bundles that nothing is missing for, the least rank first. */
class Ready {
  private readonly heap: number[] = []
  constructor(private readonly rank: ArrayLike<number>) {}

  private less(i: number, j: number): boolean {
    const [a, b] = [this.heap[i] as number, this.heap[j] as number]
    const [x, y] = [this.rank[a] as number, this.rank[b] as number]
    return x < y || (x === y && a < b)
  }

  private swap(i: number, j: number): void {
    const one = this.heap[i] as number
    this.heap[i] = this.heap[j] as number
    this.heap[j] = one
  }

  push(bundle: number): void {
    let i = this.heap.push(bundle) - 1
    while (i > 0 && this.less(i, (i - 1) >> 1)) {
      this.swap(i, (i - 1) >> 1)
      i = (i - 1) >> 1
    }
  }

  /** −1: none is left. */
  pop(): number {
    const first = this.heap[0]
    const last = this.heap.pop()
    if (first === undefined || last === undefined) return -1
    if (this.heap.length > 0) {
      this.heap[0] = last
      for (let i = 0; ; ) {
        const [left, right] = [2 * i + 1, 2 * i + 2]
        let least = i
        if (left < this.heap.length && this.less(left, least)) least = left
        if (right < this.heap.length && this.less(right, least)) least = right
        if (least === i) break
        this.swap(i, least)
        i = least
      }
    }
    return first
  }
}

/** Tasks in order of time, those of the hands or those of the airbrush. */
class Line {
  readonly tasks: number[] = []
  constructor(private readonly starts: Int32Array) {}

  /** Number of the first that begins after a minute. */
  placeOf(minute: number): number {
    let low = 0
    let high = this.tasks.length
    while (low < high) {
      const mid = (low + high) >> 1
      if (at(this.starts, this.tasks[mid] as number) <= minute) low = mid + 1
      else high = mid
    }
    return low
  }

  add(task: number): void {
    this.tasks.splice(this.placeOf(at(this.starts, task)), 0, task)
  }

  remove(task: number): void {
    let i = this.placeOf(at(this.starts, task)) - 1
    while (this.tasks[i] !== task) i--
    this.tasks.splice(i, 1)
  }
}

const UNPLACED = -(2 ** 30)

/** A plan as it grows. */
class Laying {
  readonly starts: Int32Array
  private readonly model: Model
  private readonly hands: Line
  /** By airbrush. */
  private readonly sprayed: Line[] = []
  private readonly least: Int32Array
  /** When each opening begins. */
  private readonly opens: Int32Array

  constructor(
    private readonly builder: Builder,
    release: Int32Array | null,
  ) {
    const { model } = builder
    this.model = model
    this.starts = new Int32Array(model.ids.length).fill(UNPLACED)
    this.least = release?.slice() ?? new Int32Array(model.ids.length)
    this.hands = new Line(this.starts)
    for (const gun of model.gun) this.sprayed[gun] ??= new Line(this.starts)
    this.opens = Int32Array.from(model.availability, ([from]) => from)
  }

  /** @returns false: there is no place for it */
  place(bundle: Bundle): boolean {
    for (let i = 0, tries = 0; i < bundle.length; i++) {
      if (++tries > MOST_TRIES) return false
      const task = bundle[i] as number
      const start = this.firstPlace(task)
      if (start === null) return false
      this.lay(task, start)
      const back = this.putOff(bundle, i)
      if (back < i) {
        for (let j = back; j <= i; j++) this.lift(bundle[j] as number)
        i = back - 1
      }
    }
    return true
  }

  /** The first of a bundle that has to begin later for the one that was laid last; otherwise that one. */
  private putOff(bundle: Bundle, last: number): number {
    const task = bundle[last] as number
    const start = at(this.starts, task)
    let back = last
    const raise = (other: number, minute: number) => {
      this.least[other] = Math.max(at(this.least, other), minute)
      back = Math.min(back, bundle.indexOf(other))
    }
    for (const { to, gap } of this.model.arcsFrom[task] ?? []) {
      const other = at(this.starts, to)
      if (other !== UNPLACED && to !== task && other < start + gap) raise(to, start + gap)
    }
    for (const [a, b] of this.model.sittingsOf[task] ?? []) {
      const mate = a === task ? b : a
      if (at(this.starts, mate) === UNPLACED) continue
      const [own, other] = [this.openingOf(start), this.openingOf(at(this.starts, mate))]
      if (own > other) raise(mate, at(this.opens, own))
      else if (other > own) raise(task, at(this.opens, other))
    }
    return back
  }

  private openingOf(minute: number): number {
    let low = 0
    let high = this.opens.length
    while (low < high) {
      const mid = (low + high) >> 1
      if (at(this.opens, mid) <= minute) low = mid + 1
      else high = mid
    }
    return low - 1
  }

  private gunOf(task: number): Line {
    return this.sprayed[this.model.gun[task] as number] as Line
  }

  private lay(task: number, start: number): void {
    this.starts[task] = start
    this.hands.add(task)
    if (this.model.setup[task] !== null) this.gunOf(task).add(task)
  }

  private lift(task: number): void {
    if (at(this.starts, task) === UNPLACED) return
    this.hands.remove(task)
    if (this.model.setup[task] !== null) this.gunOf(task).remove(task)
    this.starts[task] = UNPLACED
  }

  /** The first minute at which a task can be done, by its links and what is laid already. */
  private firstPlace(task: number): number | null {
    let from = at(this.least, task)
    for (const arc of this.builder.arcsInto[task] ?? []) {
      const start = at(this.starts, arc.from)
      if (start !== UNPLACED && arc.from !== task) from = Math.max(from, start + arc.gap)
    }
    const domain = this.model.domains[task]
    if (!domain) return null
    for (let minute = domain.next(from); Number.isFinite(minute); minute = domain.next(minute)) {
      const free = this.freeFrom(task, minute)
      if (free === minute) return minute
      minute = free
    }
    return null
  }

  /** The minute itself where the hands and the airbrush are free, else the next that may be. */
  private freeFrom(task: number, minute: number): number {
    const { minutes, setup, changeover } = this.model
    const end = minute + (minutes[task] as number)
    const i = this.hands.placeOf(minute)
    const before = this.hands.tasks[i - 1]
    if (before !== undefined) {
      const over = at(this.starts, before) + (minutes[before] as number)
      if (over > minute) return over
    }
    const next = this.hands.tasks[i]
    if (next !== undefined && at(this.starts, next) < end)
      return at(this.starts, next) + (minutes[next] as number)
    if (setup[task] === null) return minute
    const sprayed = this.gunOf(task)
    const j = sprayed.placeOf(minute)
    const other = sprayed.tasks[j - 1]
    if (other !== undefined && setup[other] !== setup[task]) {
      const clean = at(this.starts, other) + (minutes[other] as number) + changeover
      if (clean > minute) return clean
    }
    const later = sprayed.tasks[j]
    if (
      later !== undefined &&
      setup[later] !== setup[task] &&
      at(this.starts, later) < end + changeover
    )
      return at(this.starts, later) + (minutes[later] as number) + changeover
    return minute
  }
}
