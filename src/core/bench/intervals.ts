import type { Interval } from './problem'

/** Sorted, without empty ones, and those that touch or overlap made one. Source: handbook 7.3. */
export function mergeIntervals(intervals: readonly Interval[]): Interval[] {
  const merged: Interval[] = []
  for (const [from, to] of [...intervals].sort((a, b) => a[0] - b[0])) {
    if (to <= from) continue
    const last = merged.at(-1)
    if (last && from <= last[1]) last[1] = Math.max(last[1], to)
    else merged.push([from, to])
  }
  return merged
}

/** What is left of the one list when the other is taken out; both merged. */
export function subtractIntervals(
  from: readonly Interval[],
  taken: readonly Interval[],
): Interval[] {
  return from.flatMap(([start, end]) => {
    const left: Interval[] = []
    let at = start
    for (const [a, b] of taken) {
      if (b <= at || a >= end) continue
      if (a > at) left.push([at, a])
      at = Math.max(at, b)
    }
    if (at < end) left.push([at, end])
    return left
  })
}

/** The first start at or after a minute that lies in one of the sorted ranges (both ends allowed); Infinity when none. */
export function nextIn(ranges: readonly Interval[], minute: number): number {
  let low = 0
  let high = ranges.length
  while (low < high) {
    const mid = (low + high) >> 1
    if ((ranges[mid] as Interval)[1] < minute) low = mid + 1
    else high = mid
  }
  const range = ranges[low]
  return range ? Math.max(range[0], minute) : Number.POSITIVE_INFINITY
}
