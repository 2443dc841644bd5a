import { sameValue } from './sameValue'

/** Rows without one that reads like this: the one at a place where it still stands there, else the first. */
export function withoutOne<T>(rows: readonly T[], gone: T, at = -1): T[] {
  const place = sameValue(rows[at], gone) ? at : rows.findIndex((row) => sameValue(row, gone))
  return place < 0 ? [...rows] : rows.toSpliced(place, 1)
}
