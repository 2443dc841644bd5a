import type { LoggedAct } from '@/core/model/loggedAct'
import { DATA_TABLES, type DataTable, db, type RowChange } from './db'
import { newId } from './ids'

/** How many changes can be taken back. */
const KEPT_CHANGES = 100

/** A row to write, or to take away. */
export type Write = { table: DataTable; id: string; row: unknown | null }

/**
 * Writes rows in one transaction, with what is needed to take them back. All or nothing.
 *
 * @param label what was done, as "Moved Gloss clear": told with Undo beside it
 */
export async function commit(label: string, writes: readonly Write[], now: number): Promise<void> {
  await db.transaction(
    'rw',
    [...DATA_TABLES.map((name) => db.table(name)), db.changes],
    async () => {
      const rows: RowChange[] = []
      for (const [table, own] of byTable(writes)) {
        const before = await db.table(table).bulkGet(own.map((one) => one.id))
        own.forEach(({ id, row }, i) => {
          rows.push({ table, id, before: before[i] ?? null, after: row })
        })
        await writeRows(table, own)
      }
      await db.changes.add({ at: now, label, rows })
      const count = await db.changes.count()
      if (count > KEPT_CHANGES)
        await db.changes
          .orderBy('seq')
          .limit(count - KEPT_CHANGES)
          .delete()
    },
  )
}

/**
 * Takes the newest change back. The log is only added to: an act is taken back by an act that says so.
 *
 * @returns the label of what was taken back, null when there is nothing
 */
export async function undoLast(now: number): Promise<string | null> {
  return db.transaction(
    'rw',
    [...DATA_TABLES.map((name) => db.table(name)), db.changes],
    async () => {
      const last = await db.changes.orderBy('seq').last()
      if (!last) return null
      for (const [table, own] of byTable(last.rows))
        await writeRows(
          table,
          own.map((change) => takenBack(change, now)),
        )
      await db.changes.delete(last.seq as number)
      return last.label
    },
  )
}

/** A thousand rows are written at once, table by table. */
function byTable<T extends { table: DataTable }>(rows: readonly T[]): [DataTable, T[]][] {
  const tables = [...new Set(rows.map((one) => one.table))]
  return tables.map((table) => [table, rows.filter((one) => one.table === table)])
}

async function writeRows(table: DataTable, rows: readonly { id: string; row: unknown | null }[]) {
  const away = rows.filter((one) => one.row === null)
  const kept = rows.filter((one) => one.row !== null)
  if (away.length > 0) await db.table(table).bulkDelete(away.map((one) => one.id))
  if (kept.length > 0) await db.table(table).bulkPut(kept.map((one) => one.row))
}

/** What takes a change back: the row as it was; for an act, one that says so. */
function takenBack({ table, id, before }: RowChange, now: number): Pick<Write, 'id' | 'row'> {
  if (table !== 'acts' || before !== null) return { id, row: before }
  const act: LoggedAct = {
    id: newId(),
    at: new Date(now).toISOString(),
    kind: 'undone',
    undoes: id,
  }
  return { id: act.id, row: act }
}
