/** The best whole drops of one set of bottles: their indices, ascending, and the drops of each. */
export type Found = { set: number[]; drops: number[]; difference: number }

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
  offer: (found: Found) => void
  /** Sets of a size, best first. */
  of: (size: number) => readonly Found[]
}

export function keepBest(): Best {
  const bySize: Found[][] = []
  const overall: number[] = []
  const of = (size: number) => {
    bySize[size] ??= []
    return bySize[size] as Found[]
  }
  return {
    of,
    limit: (size) =>
      Math.max(overall[SHOWN] ?? Number.POSITIVE_INFINITY, (of(size)[0]?.difference ?? 0) + EQUAL),
    offer: (found) => {
      insert(of(found.set.length), found, (one) => one.difference, KEPT)
      insert(overall, found.difference, (one) => one, SHOWN + 1)
    },
  }
}

function insert<T>(sorted: T[], one: T, by: (one: T) => number, most: number): void {
  const at = sorted.findIndex((other) => by(other) > by(one))
  sorted.splice(at < 0 ? sorted.length : at, 0, one)
  if (sorted.length > most) sorted.pop()
}
