import { fileText, projectOf, rawTables } from '../documents'
import { rememberExport } from '../exportedAt'
import type { Store } from '../store'
import { DATA_TABLES } from '../tables'

/** A file outside of the browser that may be written again and again, and asks before it is where it was not allowed yet. */
export type BackupTarget = {
  name: string
  /** May it be written without asking? */
  isAllowed: () => Promise<boolean>
  /** @throws Error where it can't be, or isn't allowed to */
  write: (text: string) => Promise<void>
}

/** How the backup file stands: written last when, with how many rows, and what it waits for. */
export type BackupState = {
  name: string
  at: number | null
  rows: number
  /** Nothing; the person's leave; the person's word, because there is much less here than in it; room, or another disk. */
  waits: 'no' | 'leave' | 'word' | 'failed'
}

const ROW = 'backup-file'
/** A bench with less than this share of the rows that the file has doesn't take its place by itself. */
const MUCH_LESS = 0.5

type Stored<T> = BackupState & { target: T }

/** How the backup file stands; null: there is none. */
export async function backupOf<T>({ db }: Store): Promise<Stored<T> | null> {
  const row = await db.kept.get(ROW)
  return (row?.value as Stored<T> | undefined) ?? null
}

/** From now on everything is written into this file too, with what is there now as its first. */
export async function beginBackup<T>(
  store: Store,
  target: T,
  of: (target: T) => BackupTarget,
): Promise<BackupState> {
  const { name } = of(target)
  const state: Stored<T> = { target, name, at: null, rows: 0, waits: 'no' }
  await store.db.kept.put({ id: ROW, value: state })
  return (await writeBackup(store, of, true)) ?? state
}

/** No file is written any more; the one there is stays as it is. */
export async function endBackup({ db }: Store): Promise<void> {
  await db.kept.delete(ROW)
}

/**
 * Writes everything but pictures into the backup file.
 *
 * @param isAsked the person asked for it: leave may be asked for, and less than the file has is meant
 * @returns how the file stands then; null: there is none
 */
export async function writeBackup<T>(
  store: Store,
  of: (target: T) => BackupTarget,
  isAsked = false,
): Promise<BackupState | null> {
  const known = await backupOf<T>(store)
  if (!known) return null
  const stand = async (next: Partial<BackupState>) => {
    const state = { ...known, ...next }
    await store.db.kept.put({ id: ROW, value: state })
    return state
  }
  const target = of(known.target)
  if (!isAsked && !(await target.isAllowed())) return stand({ waits: 'leave' })
  const tables = await rawTables(store)
  const rows = DATA_TABLES.reduce((sum, table) => sum + (tables[table]?.length ?? 0), 0)
  if (!isAsked && rows < known.rows * MUCH_LESS) return stand({ waits: 'word' })
  const now = store.now()
  try {
    await target.write(fileText(projectOf(tables), now))
  } catch {
    return stand({ waits: (await target.isAllowed()) ? 'failed' : 'leave' })
  }
  await rememberExport(store)
  return stand({ at: now, rows, waits: 'no' })
}
