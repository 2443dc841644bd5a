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

/** A bench with less than this share of the rows that the file has doesn't take its place by itself. */
const MUCH_LESS = 0.5

/** With what it is written into. */
export type Stored<T> = BackupState & { target: T }

/** Everything but pictures as the text of a file, how many rows it has, and of when it is. */
export type Everything = { text: string; rows: number; at: number }

/** What the backup file is written from, and kept in. */
export type BackupRows = {
  of: () => Promise<Stored<unknown> | null>
  keep: (state: Stored<unknown>) => Promise<void>
  everything: () => Promise<Everything>
  /** Everything is in a file now. */
  exported: () => Promise<void>
}

/**
 * From now on everything is written into a file too, with what is there now as its first.
 *
 * @param choose lets a file be chosen and writes this into it; null: none was
 */
export async function beginBackup<T>(
  store: BackupRows,
  choose: (text: string) => Promise<T | null>,
  of: (target: T) => BackupTarget,
): Promise<BackupState | null> {
  const { text, rows, at } = await store.everything()
  const target = await choose(text)
  if (target === null) return null
  const state: Stored<T> = { target, name: of(target).name, at, rows, waits: 'no' }
  await store.keep(state)
  await store.exported()
  return state
}

/**
 * Writes everything but pictures into the backup file.
 *
 * @param isAsked the person asked for it: leave may be asked for, and less than the file has is meant
 * @returns how the file stands then; null: there is none
 */
export async function writeBackup<T>(
  store: BackupRows,
  of: (target: T) => BackupTarget,
  isAsked = false,
): Promise<BackupState | null> {
  const known = (await store.of()) as Stored<T> | null
  if (!known) return null
  const stand = async (next: Partial<BackupState>) => {
    const state = { ...known, ...next }
    await store.keep(state)
    return state
  }
  const target = of(known.target)
  if (!isAsked && !(await target.isAllowed())) return stand({ waits: 'leave' })
  const { text, rows, at } = await store.everything()
  if (!isAsked && rows < known.rows * MUCH_LESS) return stand({ waits: 'word' })
  try {
    await target.write(text)
  } catch {
    return stand({ waits: (await target.isAllowed()) ? 'failed' : 'leave' })
  }
  await store.exported()
  return stand({ at, rows, waits: 'no' })
}
