/**
 * Every reduced ratio of whole drops: each bottle at least one drop, all together at most so many, no common factor.
 *
 * @param bottles 1 or more
 * @param most drops of all bottles together
 */
export function reducedRatios(bottles: number, most: number): number[][] {
  const found: number[][] = []
  const fill = (head: readonly number[], left: number, factor: number) => {
    const rest = bottles - head.length
    if (rest === 0) {
      if (factor === 1) found.push([...head])
      return
    }
    for (let drops = 1; drops <= left - rest + 1; drops++)
      fill([...head, drops], left - drops, commonFactor(factor, drops))
  }
  fill([], most, 0)
  return found
}

function commonFactor(a: number, b: number): number {
  return b === 0 ? a : commonFactor(b, a % b)
}
