import { mendRow, readRow } from '../rows/readRow'
import type { Store } from '../store'
import type { DamagedRow } from '../tables'
import { transact, type Written } from '../transact'

/** Is there a way to mend this row without asking? @returns the mended row, or null */
export function mendedRow({ table, row }: DamagedRow): unknown | null {
  const mended = mendRow(row)
  return readRow(table, mended).ok ? mended : null
}

/** Puts a damaged row back, mended. */
export async function mendDamaged(store: Store, damaged: DamagedRow): Promise<Written> {
  const row = mendedRow(damaged)
  if (row === null) return { ok: false, why: 'This row can’t be mended by itself.' }
  const id = (row as { id: string }).id
  const written = await transact(store, async () => ({
    label: `Mended a row of ${damaged.table}`,
    writes: [{ table: damaged.table, id, row }],
  }))
  if (written.ok) await store.db.damaged.delete(damaged.id)
  return written
}

/** Throws a damaged row away for good. */
export async function dropDamaged(store: Store, { id }: DamagedRow): Promise<Written> {
  await store.db.damaged.delete(id)
  return { ok: true, label: 'Thrown away', undo: false }
}
