import type { LoggedAct } from '@/core/model/project'
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
      for (const { table, id, row } of writes) {
        const before = (await db.table(table).get(id)) ?? null
        rows.push({ table, id, before, after: row })
        if (row === null) await db.table(table).delete(id)
        else await db.table(table).put(row)
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
      for (const change of [...last.rows].reverse()) await takeBack(change, now)
      await db.changes.delete(last.seq as number)
      return last.label
    },
  )
}

async function takeBack({ table, id, before }: RowChange, now: number): Promise<void> {
  if (table === 'acts' && before === null) {
    const act: LoggedAct = {
      id: newId(),
      at: new Date(now).toISOString(),
      kind: 'undone',
      undoes: id,
    }
    await db.acts.put(act)
  } else if (before === null) await db.table(table).delete(id)
  else await db.table(table).put(before)
}
