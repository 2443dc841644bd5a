import type { Interval } from '../problem'
import type { Holes, Steps } from './engine'

/** Less than any minute: a literal that always holds. */
const ALWAYS = -(2 ** 30)

/** Allowed starts of one task as the engine asks for them, upwards and downwards. */
export class Domain {
  private readonly from: Int32Array
  private readonly to: Int32Array

  /** @param ranges sorted, apart, both ends included; at least one */
  constructor(ranges: readonly Interval[]) {
    this.from = Int32Array.from(ranges, (range) => range[0])
    this.to = Int32Array.from(ranges, (range) => range[1])
  }

  get first(): number {
    return this.from[0] as number
  }

  get last(): number {
    return this.to[this.to.length - 1] as number
  }

  /** The ranges it was made of. */
  ranges(): Interval[] {
    return [...this.from].map((from, i): Interval => [from, this.to[i] as number])
  }

  /** The first allowed start at or after a minute; Infinity: none. */
  next(minute: number): number {
    const i = this.indexUp(minute)
    return i === this.to.length
      ? Number.POSITIVE_INFINITY
      : Math.max(minute, this.from[i] as number)
  }

  /** The last allowed start at or before a minute; −Infinity: none. */
  previous(minute: number): number {
    const i = this.indexUp(minute)
    if (i < this.to.length && minute >= (this.from[i] as number)) return minute
    return i === 0 ? Number.NEGATIVE_INFINITY : (this.to[i - 1] as number)
  }

  /** The least minute for which "not before it" means the same. */
  loosenUp(minute: number): number {
    const before = this.previous(minute - 1)
    return Number.isFinite(before) ? before + 1 : ALWAYS
  }

  /** The greatest minute for which "not after it" means the same. */
  loosenDown(minute: number): number {
    const after = this.next(minute + 1)
    return Number.isFinite(after) ? after - 1 : -ALWAYS
  }

  /** The first range that ends at or after a minute. */
  private indexUp(minute: number): number {
    let low = 0
    let high = this.to.length
    while (low < high) {
      const mid = (low + high) >> 1
      if ((this.to[mid] as number) < minute) low = mid + 1
      else high = mid
    }
    return low
  }
}

/** The holes of the engine's keys: tasks first, by number; every other variable takes any value. */
export function holesOf(domains: readonly Domain[]): Holes {
  const keys = domains.length * 2
  return {
    snap: (key, value) => {
      if (key >= keys) return value
      const domain = domains[key >> 1] as Domain
      return key & 1 ? -domain.previous(-value) : domain.next(value)
    },
    lift: (key, value) => {
      if (key >= keys) return value
      const domain = domains[key >> 1] as Domain
      return key & 1 ? -domain.loosenDown(-value) : domain.loosenUp(value)
    },
  }
}

/**
 * Two tasks of one sitting: neither begins before the opening does that the other lies in, nor after its end.
 *
 * @param openings sorted and apart
 */
export function sittingSteps(openings: readonly Interval[]): Steps {
  const from = Int32Array.from(openings, (opening) => opening[0])
  const to = Int32Array.from(openings, (opening) => opening[1])
  /** Number of the last opening that begins by a minute. */
  const openAt = (minute: number): number => {
    let low = 0
    let high = from.length
    while (low < high) {
      const mid = (low + high) >> 1
      if ((from[mid] as number) <= minute) low = mid + 1
      else high = mid
    }
    return low - 1
  }
  return {
    reach: (key, value) =>
      key & 1 ? -(to[openAt(-value)] ?? -value) : (from[openAt(value)] ?? value),
    before: (key, value) => {
      if (key & 1) {
        // The last opening that is over by then.
        let i = openAt(-value)
        while (i >= 0 && (to[i] as number) > -value) i--
        return i < 0 ? -ALWAYS : -(to[i] as number)
      }
      const i = openAt(value)
      return i >= 0 && from[i] === value ? value : (from[i + 1] ?? -ALWAYS)
    },
  }
}
