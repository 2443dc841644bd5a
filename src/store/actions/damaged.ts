import { mendRow, readRow } from '../rows/readRow'
import type { Store } from '../store'
import type { DamagedRow } from '../tables'
import { type Decision, transact, type Written } from '../transact'
import { put } from './rows'

/** A damaged row, and as it can be mended without asking; null: it can't. */
export type Damaged = DamagedRow & { mended: unknown | null }

/** Rows that couldn't be read and lie apart. */
export async function damagedRows({ db }: Store): Promise<Damaged[]> {
  const rows = await db.damaged.toArray()
  return rows.map((damaged) => {
    const mended = mendRow(damaged.row)
    return { ...damaged, mended: readRow(damaged.table, mended).ok ? mended : null }
  })
}

/**
 * Puts a damaged row back.
 *
 * @param row as it was mended, by itself or by hand
 */
export function mendDamaged(store: Store, damaged: DamagedRow, row: unknown): Promise<Written> {
  const { table, id } = damaged
  return transact(
    store,
    async (read): Promise<Decision> => {
      const mended = readRow(table, row)
      if (!mended.ok) {
        const [problem] = mended.problems
        return {
          refused: `It can’t be read yet: ${problem?.path || 'the entry'}, found ${problem?.found}, expected ${problem?.expected}`,
        }
      }
      const own = mended.row as { id: string }
      if (await read.get(table, own.id))
        return { refused: 'An entry of this id is there already, and stays.' }
      await store.db.damaged.delete(id)
      return { label: `Mended: ${id}`, writes: [put(table, own as never)] }
    },
    // Taken back it would lie nowhere.
    { undoable: false },
  )
}

/** Throws a damaged row away for good. */
export async function dropDamaged(store: Store, { id }: DamagedRow): Promise<Written> {
  await store.db.damaged.delete(id)
  return { ok: true, label: 'Deleted', undo: false }
}
