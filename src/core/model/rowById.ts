type Row = { id: string }

const known = new WeakMap<readonly Row[], ReadonlyMap<string, Row>>()

/**
 * The row of a list with an id: a list is looked through once, however often it is asked. Lists are never changed, only made anew.
 *
 * @returns undefined: there is none
 */
export function rowById<T extends Row>(
  rows: readonly T[] | undefined,
  id: string | undefined,
): T | undefined {
  if (!rows || id === undefined) return undefined
  const rowsById = known.get(rows) ?? new Map(rows.map((row) => [row.id, row]))
  known.set(rows, rowsById)
  return rowsById.get(id) as T | undefined
}
