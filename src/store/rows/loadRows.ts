import { newest } from '../feed'
import type { Store } from '../store'
import { DATA_TABLES, type DamagedRow, type DataTable } from '../tables'
import { readRow } from './readRow'
import type { Rows } from './schemas'

/** All rows that can be read, by table, and up to which write they are so. */
export type Loaded = { tables: { [T in DataTable]: Rows[T][] }; seq: number }

/**
 * Loads everything. A damaged row stops nothing: it is put apart, where it can be looked at, exported, mended or thrown away.
 */
export async function loadRows(store: Store): Promise<Loaded> {
  const { db } = store
  const found: DamagedRow[] = []
  const loaded = await db.transaction(
    'r',
    [...DATA_TABLES.map((table) => db.table(table)), db.feed],
    async () => {
      const entries = await Promise.all(
        DATA_TABLES.map(async (table) => {
          const rows: unknown[] = await db.table(table).toArray()
          return [table, rows.filter((row) => isReadable(store, table, row, found))] as const
        }),
      )
      return {
        tables: Object.fromEntries(entries) as Loaded['tables'],
        seq: await newest(store),
      }
    },
  )
  if (found.length > 0) await putApart(store, found)
  return loaded
}

function isReadable(store: Store, table: DataTable, row: unknown, found: DamagedRow[]): boolean {
  const read = readRow(table, row)
  if (read.ok) return true
  const id = String((row as { id?: unknown } | null)?.id ?? found.length)
  found.push({ id: `${table} ${id}`, table, row, problems: read.problems, at: store.now() })
  return false
}

async function putApart({ db }: Store, rows: readonly DamagedRow[]): Promise<void> {
  await db.transaction(
    'rw',
    [...DATA_TABLES.map((table) => db.table(table)), db.damaged],
    async () => {
      await db.damaged.bulkPut([...rows])
      for (const { table, row } of rows) {
        const id = (row as { id?: unknown } | null)?.id
        if (id !== undefined) await db.table(table).delete(id as string)
      }
    },
  )
}
