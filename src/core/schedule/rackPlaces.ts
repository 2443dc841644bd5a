/** A film that stands to dry: from its first coat until it can be touched, minutes; `task` of its first coat, null: it is laid already. */
export type Standing = { task: string | null; from: number; to: number }

/**
 * Coats that find no place to dry, by the order in which they are laid: when the first of each could be laid so that a place is free.
 *
 * @param places in the drying box or on the rack, at least 1
 * @returns by task the minute before which it has no place
 * Source: handbook 7.1.
 */
export function withoutPlace(
  standing: readonly Standing[],
  places: number,
): ReadonlyMap<string, number> {
  const late = new Map<string, number>()
  /** When what stands there leaves, soonest first. */
  let leaving: number[] = []
  for (const { task, from, to } of [...standing].sort((a, b) => a.from - b.from)) {
    leaving = leaving.filter((at) => at > from)
    const free = leaving.length < places ? from : (leaving[leaving.length - places] ?? from)
    const by = task === null ? 0 : Math.max(0, Math.ceil(free - from))
    if (task !== null && by > 0) late.set(task, from + by)
    leaving = [...leaving, to + by].sort((a, b) => a - b)
  }
  return late
}
