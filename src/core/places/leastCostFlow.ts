/** Supplies that are given to single demands, at a cost each. */
export type Flow = {
  /** How many there are of each. */
  supplies: readonly number[]
  /** What it costs to leave a demand without. */
  demands: readonly { unmet: number }[]
  /** What it costs to give one supply to a demand; null: it doesn't suit. */
  costs: (supply: number, demand: number) => number | null
}

/**
 * Gives supplies to demands at the least cost in all, by chains of exchanges that get cheaper (Bellman and Ford). Exact.
 *
 * @returns by demand the supply that it gets; null: none
 */
export function leastCostFlow({ supplies, demands, costs }: Flow): (number | null)[] {
  const given: (number | null)[] = demands.map(() => null)
  const left = [...supplies]
  const cost = supplies.map((_, s) => demands.map((_, d) => costs(s, d)))
  // Every demand is tried once: what was given stays least for those before it.
  for (let start = 0; start < demands.length; start++) {
    const chain = cheapestChain(start, given, left, cost, demands)
    for (const { demand, supply } of chain) {
      const before = given[demand] ?? null
      if (before !== null) left[before] = (left[before] as number) + 1
      if (supply !== null) left[supply] = (left[supply] as number) - 1
      given[demand] = supply
    }
  }
  return given
}

type Change = { demand: number; supply: number | null }

/**
 * The cheapest way to serve one more demand: it is given a supply that is free, or one of another demand which is served anew,
 * or goes without; the one that goes without may be any on the way.
 */
function cheapestChain(
  start: number,
  given: readonly (number | null)[],
  left: readonly number[],
  cost: readonly (readonly (number | null)[])[],
  demands: Flow['demands'],
): Change[] {
  // By demand: the least cost of a chain that takes its supply from it, and whence.
  const least = demands.map(() => Number.POSITIVE_INFINITY)
  const from: { demand: number; supply: number }[] = []
  least[start] = 0
  for (let changed = true; changed; ) {
    changed = false
    for (let d = 0; d < demands.length; d++) {
      if (least[d] === Number.POSITIVE_INFINITY) continue
      for (let other = 0; other < demands.length; other++) {
        const supply = given[other] ?? null
        if (other === d || supply === null) continue
        const own = cost[supply]?.[d]
        const old = cost[supply]?.[other]
        if (own == null || old == null) continue
        const next = (least[d] as number) + own - old
        if (next < (least[other] as number) - EQUAL) {
          least[other] = next
          from[other] = { demand: d, supply }
          changed = true
        }
      }
    }
  }
  // Among equals the one that comes last goes without.
  const order = [start, ...demands.map((_, d) => d).filter((d) => d !== start)]
  const ends = order.flatMap((d): { at: number; supply: number | null; total: number }[] => {
    const reached = least[d] as number
    if (reached === Number.POSITIVE_INFINITY) return []
    const free = left.flatMap((count, s) => {
      const own = cost[s]?.[d]
      return count > 0 && own != null ? [{ at: d, supply: s, total: reached + own }] : []
    })
    return [...free, { at: d, supply: null, total: reached + (demands[d]?.unmet ?? 0) }]
  })
  const best = ends.reduce((a, b) => (b.total < a.total - EQUAL ? b : a))
  const chain: Change[] = [{ demand: best.at, supply: best.supply }]
  for (let at = best.at; at !== start; ) {
    const step = from[at] as { demand: number; supply: number }
    chain.push({ demand: step.demand, supply: step.supply })
    at = step.demand
  }
  return chain
}

/** Costs that differ by less are equal. */
const EQUAL = 1e-9
