/** The best whole drops of one set of bottles: their indices, ascending, and the drops of each. */
export type Match = { set: number[]; drops: number[]; difference: number }

/** Recipes as near as this are equals, ΔE00. Source: handbook 5.4. */
export const EQUAL = 0.05
/** Recipes shown: the first and three others. Source: handbook 5.4. */
export const SHOWN = 4
/** Sets of one size that are kept: more than this many equals aren't told apart. */
const KEPT = 64

/** The best sets of each size while they are looked for. */
export type Best = {
  /** A set of this size pays only below this difference. */
  limit: (size: number) => number
  /** A set that was offered before counts once, with its better drops. */
  offer: (found: Match) => void
  /** Sets of a size, best first. */
  of: (size: number) => readonly Match[]
}

/** An empty list of the best recipes found, by number of bottles and overall. */
export function keepBest(): Best {
  const bySize: Match[][] = []
  const overall: Match[] = []
  const of = (size: number) => {
    bySize[size] ??= []
    return bySize[size] as Match[]
  }
  return {
    of,
    limit: (size) =>
      Math.max(
        overall[SHOWN]?.difference ?? Number.POSITIVE_INFINITY,
        (of(size)[0]?.difference ?? 0) + EQUAL,
      ),
    offer: (found) => {
      insert(of(found.set.length), found, KEPT)
      insert(overall, found, SHOWN + 1)
    },
  }
}

function insert(sorted: Match[], found: Match, most: number): void {
  const same = sorted.findIndex(
    ({ set }) =>
      set.length === found.set.length && set.every((member, i) => member === found.set[i]),
  )
  if (same >= 0) {
    if ((sorted[same] as Match).difference <= found.difference) return
    sorted.splice(same, 1)
  }
  const at = sorted.findIndex(({ difference }) => difference > found.difference)
  sorted.splice(at < 0 ? sorted.length : at, 0, found)
  if (sorted.length > most) sorted.pop()
}
