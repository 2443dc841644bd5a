import type { Builder, Bundle } from './construct'
import { at } from './engine'
import type { Model } from './model'

/** How often a bundle that lost its window is begun anew before a plan is given up. */
const MOST_REPAIRS = 400
/** Placements of one bundle that are tried before it is given up. */
const MOST_TRIES = 2000
const UNPLACED = -(2 ** 30)

/**
 * Builds a plan as time goes by: of what can begin at the earliest minute the most pressing begins, so that no hands wait and no
 * airbrush is cleaned while there is something else to do. A bundle is begun where all of it fits, and nothing is begun that would
 * close a window which is open.
 *
 * @param rank of each bundle, the least the most pressing
 * @returns starts by task; null where a bundle found no place
 */
export function dispatch(builder: Builder, rank: ArrayLike<number>): Int32Array | null {
  return new Dispatch(builder, rank).run()
}

/** A task that could be next: when it could begin, by when it has to, and how pressing it is. */
type Candidate = { task: number; bundle: number; from: number; latest: number; rank: number }

/** When the hands are free, and each airbrush with what is in it. */
type Free = { hands: number; guns: readonly Gun[] }
type Gun = { over: number; paint: string | null }

class Dispatch {
  private readonly model: Model
  private readonly starts: Int32Array
  private readonly least: Int32Array
  private readonly missing: Int32Array
  /** How many tasks of each bundle are laid. */
  private readonly laid: Int32Array
  private free: Free
  private readonly candidates: Candidate[] = []
  private repairs = 0

  constructor(
    private readonly builder: Builder,
    private readonly rank: ArrayLike<number>,
  ) {
    const { model, bundles } = builder
    this.model = model
    this.starts = new Int32Array(model.ids.length).fill(UNPLACED)
    this.least = new Int32Array(model.ids.length)
    this.missing = builder.countBefore.slice()
    this.laid = new Int32Array(bundles.length)
    const guns = Math.max(0, ...model.gun) + 1
    this.free = {
      hands: 0,
      guns: Array.from({ length: guns }, (): Gun => ({ over: 0, paint: null })),
    }
  }

  run(): Int32Array | null {
    this.missing.forEach((count, bundle) => {
      if (count === 0) this.offer(bundle)
    })
    while (this.candidates.length > 0) {
      const next = this.choose()
      if (next === null || !Number.isFinite(next.from)) return null
      if (next.from > next.latest) {
        if (!this.beginAnew(next)) return null
      } else this.lay(next)
    }
    return this.starts
  }

  private bundleAt(bundle: number): Bundle {
    return this.builder.bundles[bundle] as Bundle
  }

  /** The next task of a bundle may be laid. */
  private offer(bundle: number): void {
    const tasks = this.bundleAt(bundle)
    const task = tasks[at(this.laid, bundle)] as number
    const candidate = { task, bundle, from: 0, latest: this.latestOf(task), rank: 0 }
    candidate.rank = Math.min(candidate.latest, this.rank[bundle] as number)
    this.renew(candidate)
    let place = this.candidates.length
    while (place > 0 && (this.candidates[place - 1] as Candidate).rank > candidate.rank) place--
    this.candidates.splice(place, 0, candidate)
  }

  private renew(candidate: Candidate): void {
    const { bundle, task } = candidate
    const whole = this.bundleAt(bundle).length > 1 && at(this.laid, bundle) === 0
    candidate.from = whole
      ? this.firstOfAll(this.bundleAt(bundle))
      : this.earliest(task, this.free, this.starts)
  }

  /** What begins next: the earliest, among equals the most pressing, that closes no open window. */
  private choose(): Candidate | null {
    const open = this.candidates.filter(({ latest }) => latest < Number.POSITIVE_INFINITY)
    const best = this.soonestOf((one) => this.leavesRoom(one, open))
    return (
      best ?? open.reduce<Candidate | null>((a, b) => (a && a.latest <= b.latest ? a : b), null)
    )
  }

  /** The earliest that will do: the most pressing come first, so that the first which can begin at once is it. */
  private soonestOf(willDo: (one: Candidate) => boolean): Candidate | null {
    const { availability } = this.model
    const { hands } = this.free
    const here = this.openingAt(hands)
    const isOpen = hands < (availability[here]?.[1] ?? 0)
    const atOnce = isOpen ? hands : (availability[here + 1]?.[0] ?? Number.POSITIVE_INFINITY)
    let best: Candidate | null = null
    for (const one of this.candidates) {
      const soonest = this.soonest(one.task, hands)
      if (best && Math.max(soonest, one.from) >= best.from) continue
      if (one.from < soonest) this.renew(one)
      if (best && one.from >= best.from) continue
      if (!willDo(one)) continue
      best = one
      if (one.from <= atOnce) break
    }
    return best
  }

  /** Not before this can it begin, whatever was reckoned. */
  private soonest(task: number, hands: number): number {
    return Math.max(hands, this.cleanFrom(task, this.free))
  }

  /** When the airbrush of a task has been cleaned for it; 0: it needn't be. */
  private cleanFrom(task: number, { guns }: Free): number {
    const { setup, gun, changeover } = this.model
    const paint = setup[task] ?? null
    if (paint === null) return 0
    const own = guns[gun[task] as number] as Gun
    return own.paint === null || own.paint === paint ? 0 : own.over + changeover
  }

  /** Can everything whose window is open still follow? What has lost its window already can't be spoilt. */
  private leavesRoom(chosen: Candidate, open: readonly Candidate[]): boolean {
    if (open.length === 0 || (open.length === 1 && open[0] === chosen)) return true
    const free = this.after(chosen.task, chosen.from, this.free)
    return open.every(
      (one) => one === chosen || this.earliest(one.task, free, this.starts) <= one.latest,
    )
  }

  private after(task: number, start: number, free: Free): Free {
    const over = start + (this.model.minutes[task] as number)
    const paint = this.model.setup[task] ?? null
    const hands = Math.max(free.hands, over)
    if (paint === null) return { hands, guns: free.guns }
    const guns = free.guns.slice()
    guns[this.model.gun[task] as number] = { over, paint }
    return { hands, guns }
  }

  private earliest(task: number, free: Free, starts: Int32Array): number {
    const { domains } = this.model
    let from = Math.max(at(this.least, task), free.hands, this.cleanFrom(task, free))
    for (const arc of this.builder.arcsInto[task] ?? []) {
      const start = at(starts, arc.from)
      if (start !== UNPLACED && arc.from !== task) from = Math.max(from, start + arc.gap)
    }
    return domains[task]?.next(from) ?? Number.POSITIVE_INFINITY
  }

  /** By when a task has to begin for what is laid already. */
  private latestOf(task: number): number {
    let latest = Number.POSITIVE_INFINITY
    for (const { to, gap } of this.model.arcsFrom[task] ?? []) {
      const start = at(this.starts, to)
      if (start !== UNPLACED && to !== task) latest = Math.min(latest, start - gap)
    }
    for (const [a, b] of this.model.sittingsOf[task] ?? []) {
      const mate = at(this.starts, a === task ? b : a)
      if (mate !== UNPLACED)
        latest = Math.min(latest, this.closes(mate) - (this.model.minutes[task] as number))
    }
    return latest
  }

  private openingAt(minute: number): number {
    const { availability } = this.model
    let low = 0
    let high = availability.length
    while (low < high) {
      const mid = (low + high) >> 1
      if ((availability[mid]?.[0] ?? 0) <= minute) low = mid + 1
      else high = mid
    }
    return low - 1
  }

  private closes(minute: number): number {
    return this.model.availability[this.openingAt(minute)]?.[1] ?? minute
  }

  /** When a bundle can be begun so that all of it finds its place if nothing else comes between. */
  private firstOfAll(bundle: Bundle): number {
    const starts = this.starts
    const raised = bundle.map((task) => at(this.least, task))
    const frees: Free[] = [this.free]
    let found = Number.POSITIVE_INFINITY
    for (let i = 0, tries = 0; i < bundle.length; i++) {
      if (++tries > MOST_TRIES) break
      const task = bundle[i] as number
      const start = this.earliest(task, frees[i] as Free, starts)
      if (!Number.isFinite(start)) break
      starts[task] = start
      frees[i + 1] = this.after(task, start, frees[i] as Free)
      const back = this.putOff(bundle, i)
      if (i === bundle.length - 1 && back === i) found = at(starts, bundle[0] as number)
      if (back < i) i = back - 1
    }
    bundle.forEach((task, i) => {
      starts[task] = UNPLACED
      this.least[task] = raised[i] as number
    })
    return found
  }

  /** Raises what has to begin later for the one laid last. @returns place of the first of those in the bundle, else its own */
  private putOff(bundle: Bundle, last: number): number {
    const task = bundle[last] as number
    const start = at(this.starts, task)
    let back = last
    const raise = (other: number, minute: number) => {
      const place = bundle.indexOf(other)
      if (place < 0 || place > last) return
      this.least[other] = Math.max(at(this.least, other), minute)
      back = Math.min(back, place)
    }
    for (const { to, gap } of this.model.arcsFrom[task] ?? []) {
      const other = at(this.starts, to)
      if (other !== UNPLACED && to !== task && other < start + gap) raise(to, start + gap)
    }
    for (const [a, b] of this.model.sittingsOf[task] ?? []) {
      const mate = a === task ? b : a
      if (at(this.starts, mate) === UNPLACED) continue
      const own = this.openingAt(start)
      if (own > this.openingAt(at(this.starts, mate)))
        raise(mate, this.model.availability[own]?.[0] ?? start)
    }
    for (let j = back + 1; back < last && j <= last; j++)
      this.starts[bundle[j] as number] = UNPLACED
    return back
  }

  private lay(next: Candidate): void {
    const { task, bundle, from } = next
    this.candidates.splice(this.candidates.indexOf(next), 1)
    this.starts[task] = from
    this.free = this.after(task, from, this.free)
    this.laid[bundle] = at(this.laid, bundle) + 1
    if (at(this.laid, bundle) < this.bundleAt(bundle).length) {
      this.offer(bundle)
      return
    }
    for (const other of this.builder.after[bundle] ?? []) {
      this.missing[other] = at(this.missing, other) - 1
      if (at(this.missing, other) === 0) this.offer(other)
    }
  }

  /** A window was lost: its bundle is taken off, and begun where that isn't so. */
  private beginAnew(lost: Candidate): boolean {
    this.repairs += 1
    if (this.repairs > MOST_REPAIRS) return false
    this.candidates.splice(this.candidates.indexOf(lost), 1)
    const late = Math.min(lost.from - lost.latest, this.model.horizon)
    for (const task of this.bundleAt(lost.bundle)) {
      if (at(this.starts, task) !== UNPLACED)
        this.least[task] = Math.max(at(this.least, task), at(this.starts, task) + late)
      this.starts[task] = UNPLACED
    }
    this.laid[lost.bundle] = 0
    this.offer(lost.bundle)
    return true
  }
}
