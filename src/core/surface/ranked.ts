/** The value that so many of a list are below: found by halving; the list is moved about. */
export function ranked(values: Float32Array, rank: number): number {
  let low = 0
  let high = values.length - 1
  while (low < high) {
    const pivot = values[(low + high) >> 1] as number
    let i = low
    let j = high
    while (i <= j) {
      while ((values[i] as number) < pivot) i++
      while ((values[j] as number) > pivot) j--
      if (i > j) break
      const swap = values[i] as number
      values[i++] = values[j] as number
      values[j--] = swap
    }
    if (rank <= j) high = j
    else if (rank >= i) low = i
    else break
  }
  return values[rank] as number
}
