/** Rows with fields of one of them changed; null: without it. The others stay the same objects. */
export function changedRow<T extends { id: string }>(
  rows: readonly T[],
  id: string,
  fields: Partial<T> | null,
): T[] {
  return rows.flatMap((row) =>
    row.id !== id ? [row] : fields === null ? [] : [{ ...row, ...fields }],
  )
}
