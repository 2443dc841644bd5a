import type { Interval } from '../problem'
import { at, type Engine, type Nogood } from './engine'
import type { Model } from './model'

/** Sums longer than this aren't looked into: the whole length counts as usable. */
const LONGEST_SUM = 4000

/** Minutes of the hands between two instants, counting of every opening only what some of the tasks can fill exactly. */
export class Hands {
  private readonly from: Int32Array
  private readonly to: Int32Array
  private readonly before: Float64Array
  private readonly rawBefore: Float64Array
  private readonly fills: Int32Array

  constructor(openings: readonly Interval[], minutes: readonly number[]) {
    this.from = Int32Array.from(openings, (value) => value[0])
    this.to = Int32Array.from(openings, (value) => value[1])
    const longest = Math.min(LONGEST_SUM, Math.max(0, ...openings.map(([from, to]) => to - from)))
    this.fills = fillable(minutes, longest)
    this.before = new Float64Array(openings.length + 1)
    this.rawBefore = new Float64Array(openings.length + 1)
    openings.forEach(([from, to], i) => {
      this.before[i + 1] = (this.before[i] as number) + this.usable(to - from)
      this.rawBefore[i + 1] = (this.rawBefore[i] as number) + (to - from)
    })
  }

  /** The first opening that ends after a minute. */
  indexAfter(minute: number): number {
    let low = 0
    let high = this.to.length
    while (low < high) {
      const mid = (low + high) >> 1
      if ((this.to[mid] as number) <= minute) low = mid + 1
      else high = mid
    }
    return low
  }

  /** Minutes between two instants that tasks can fill. @param first @param last `indexAfter` of the two */
  usableBetween(a: number, b: number, first: number, last: number): number {
    if (first === this.to.length) return 0
    const start = Math.max(a, this.from[first] as number)
    if (first === last) return this.usable(Math.max(0, b - start))
    return (
      this.usable((this.to[first] as number) - start) +
      (this.before[last] as number) -
      (this.before[first + 1] as number) +
      this.usable(this.tail(b, last))
    )
  }

  /** All minutes between two instants, and how many openings they lie in. */
  rawBetween(a: number, b: number, first: number, last: number) {
    if (first === this.to.length) return { minutes: 0, openings: 0 }
    const start = Math.max(a, this.from[first] as number)
    if (first === last) return { minutes: Math.max(0, b - start), openings: b > start ? 1 : 0 }
    const tail = this.tail(b, last)
    return {
      minutes:
        (this.to[first] as number) -
        start +
        (this.rawBefore[last] as number) -
        (this.rawBefore[first + 1] as number) +
        tail,
      openings: last - first + (tail > 0 ? 1 : 0),
    }
  }

  private tail(b: number, last: number): number {
    return last < this.from.length ? Math.max(0, b - (this.from[last] as number)) : 0
  }

  private usable(length: number): number {
    return length < this.fills.length ? (this.fills[length] as number) : length
  }
}

/** The most that some of the lengths add up to within each length, 0 … longest. */
function fillable(minutes: readonly number[], longest: number): Int32Array {
  const reach = new Uint8Array(longest + 1)
  reach[0] = 1
  for (const length of minutes)
    if (length > 0)
      for (let sum = longest; sum >= length; sum--) if (reach[sum - length]) reach[sum] = 1
  const most = new Int32Array(longest + 1)
  for (let sum = 1; sum <= longest; sum++) most[sum] = reach[sum] ? sum : (most[sum - 1] as number)
  return most
}

/**
 * Looks for a span of time whose tasks need more hands than there are in it, or more airbrush with its clean-outs.
 *
 * @returns a check for the engine: the starts that can't all hold, or null
 */
export function energyCheck(model: Model, hands: Hands): (engine: Engine) => Nogood | null {
  const count = model.ids.length
  const spans: Spans = {
    order: Int32Array.from({ length: count }, (_, i) => i),
    start: new Int32Array(count),
    end: new Int32Array(count),
    endIndex: new Int32Array(count),
  }
  const { start, end, endIndex, order } = spans
  const setup = setupNumbers(model)
  return (engine) => {
    for (let i = 0; i < count; i++) {
      start[i] = at(engine.bound, 2 * i)
      end[i] = -at(engine.bound, 2 * i + 1) + (model.minutes[i] as number)
      endIndex[i] = hands.indexAfter(at(end, i))
    }
    sortBy(order, end)
    const looked = new Set<number>()
    for (let left = 0; left < count; left++) {
      const a = at(start, left)
      if (looked.has(a)) continue
      looked.add(a)
      const found = overfullFrom(model, hands, spans, setup, a)
      if (found !== null) return nogoodOf(model, hands, spans, a, found)
    }
    return null
  }
}

/** Earliest starts and latest ends, and the tasks by their latest ends. */
type Spans = { order: Int32Array; start: Int32Array; end: Int32Array; endIndex: Int32Array }

/** Setups of the first airbrush as numbers from 0; −1: the task isn't sprayed with it. */
function setupNumbers(model: Model): Int32Array {
  const known = new Map<string, number>()
  return Int32Array.from(model.setup, (setup, task) => {
    if (setup === null || model.gun[task] !== 0) return -1
    if (!known.has(setup)) known.set(setup, known.size)
    return known.get(setup) as number
  })
}

/** Nearly sorted from the last time: insertion is quickest. */
function sortBy(order: Int32Array, key: Int32Array): void {
  for (let i = 1; i < order.length; i++) {
    const one = at(order, i)
    const value = at(key, one)
    let j = i - 1
    while (j >= 0 && at(key, at(order, j)) > value) {
      order[j + 1] = at(order, j)
      j--
    }
    order[j + 1] = one
  }
}

/** The end of the first span from a minute that holds too much; null: none does. */
function overfullFrom(
  model: Model,
  hands: Hands,
  { order, start, end, endIndex }: Spans,
  setup: Int32Array,
  a: number,
): { b: number; shared: boolean } | null {
  let work = 0
  let sprayed = 0
  const first = hands.indexAfter(a)
  const setups = new Set<number>()
  for (let i = 0; i < order.length; i++) {
    const task = at(order, i)
    const minutes = model.minutes[task] as number
    // What takes no time may lie on the very edge of an opening that isn't counted.
    if (at(start, task) < a || minutes === 0) continue
    work += minutes
    if (at(setup, task) >= 0) {
      sprayed += minutes
      setups.add(at(setup, task))
    }
    const b = at(end, task)
    const last = at(endIndex, task)
    if (work > hands.usableBetween(a, b, first, last)) return { b, shared: false }
    // An opening of its own for each setup, and nothing is cleaned in between.
    if (setups.size <= last - first || model.changeover === 0) continue
    const raw = hands.rawBetween(a, b, first, last)
    const cleaning = Math.max(0, setups.size - Math.max(1, raw.openings)) * model.changeover
    if (cleaning > 0 && sprayed + cleaning > raw.minutes) return { b, shared: true }
  }
  return null
}

function nogoodOf(
  model: Model,
  hands: Hands,
  { order, start, end }: Spans,
  a: number,
  { b, shared }: { b: number; shared: boolean },
): Nogood {
  const tasks = [...order].filter(
    (task) =>
      at(start, task) >= a &&
      at(end, task) <= b &&
      (model.minutes[task] as number) > 0 &&
      (!shared || (model.setup[task] !== null && model.gun[task] === 0)),
  )
  let work = tasks.reduce((sum, task) => sum + (model.minutes[task] as number), 0)
  const room = hands.usableBetween(a, b, hands.indexAfter(a), hands.indexAfter(b))
  const nogood: Nogood = []
  for (const task of tasks) {
    const minutes = model.minutes[task] as number
    // What isn't needed to overfill the span needn't be blamed.
    if (!shared && work - minutes > room) {
      work -= minutes
      continue
    }
    nogood.push(2 * task, model.domains[task]?.loosenUp(a) ?? a)
    nogood.push(2 * task + 1, -(model.domains[task]?.loosenDown(b - minutes) ?? b - minutes))
  }
  return nogood
}
