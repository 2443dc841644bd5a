/**
 * Solves so many equations for fewer unknowns, by least squares over the normal equations.
 *
 * @param rows coefficients of each equation, one for each unknown
 * @param right what each comes to
 * @returns null where they don't fix the unknowns
 */
export function leastSquares(
  rows: readonly (readonly number[])[],
  right: readonly number[],
): number[] | null {
  const many = rows[0]?.length ?? 0
  const grid = Array.from({ length: many }, (_, i) =>
    Array.from({ length: many + 1 }, (_, j) =>
      rows.reduce(
        (sum, row, k) =>
          sum + (row[i] as number) * (j < many ? (row[j] as number) : (right[k] as number)),
        0,
      ),
    ),
  )
  const size = Math.max(...grid.map((row) => Math.max(...row.slice(0, many).map(Math.abs))))
  for (let i = 0; i < many; i++) {
    const best = grid
      .slice(i)
      .reduce(
        (at, row, k) =>
          Math.abs(row[i] as number) > Math.abs((grid[i + at] as number[])[i] as number) ? k : at,
        0,
      )
    const pivot = grid[i + best] as number[]
    grid[i + best] = grid[i] as number[]
    grid[i] = pivot
    if (Math.abs(pivot[i] as number) <= size * FLAT) return null
    for (let k = 0; k < many; k++) {
      if (k === i) continue
      const row = grid[k] as number[]
      const share = (row[i] as number) / (pivot[i] as number)
      for (let j = i; j <= many; j++) row[j] = (row[j] as number) - share * (pivot[j] as number)
    }
  }
  return grid.map((row, i) => (row[many] as number) / (row[i] as number))
}

/** What is smaller than the largest by so much is nothing. */
const FLAT = 1e-12
