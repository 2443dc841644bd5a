import { fileText, projectOf, rawTables } from '../documents'
import type { Store } from '../store'
import { DATA_TABLES } from '../tables'
import type { Everything, Stored } from './backupFile'

const ROW = 'backup-file'

/** How the backup file stands; null: there is none. */
export async function backupOf({ db }: Store): Promise<Stored<unknown> | null> {
  const row = await db.kept.get(ROW)
  return (row?.value as Stored<unknown> | undefined) ?? null
}

/** Keeps how the backup file stands. */
export async function keepBackupState({ db }: Store, value: Stored<unknown>): Promise<void> {
  await db.kept.put({ id: ROW, value })
}

/** No file is written any more; the one there is stays as it is. */
export async function endBackup({ db }: Store): Promise<void> {
  await db.kept.delete(ROW)
}

/** Everything but pictures. */
export async function everything(store: Store): Promise<Everything> {
  const tables = await rawTables(store)
  const at = store.now()
  const rows = DATA_TABLES.reduce((sum, table) => sum + (tables[table]?.length ?? 0), 0)
  return { text: fileText(projectOf(tables), at), rows, at }
}
