/** The yardstick: sorting a hundred thousand numbers, on the same machine in the same run. */
export function yardstick(): void {
  let seed = 1
  const numbers = Array.from({ length: 100_000 }, () => {
    seed = (seed * 48271) % 2147483647
    return seed
  })
  numbers.sort((a, b) => a - b)
}

/** How long the yardstick takes here and now: the median of some runs, ms. */
export function yardstickMs(): number {
  const times = Array.from({ length: 9 }, () => {
    const began = performance.now()
    yardstick()
    return performance.now() - began
  })
  return times.sort((a, b) => a - b)[4] as number
}
