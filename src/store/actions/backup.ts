import {
  type BackupState,
  type BackupTarget,
  backupOf,
  beginBackup,
  endBackup,
  writeBackup,
} from '../backup/backupFile'
import type { Store } from '../store'

export type { BackupState }

const OPTIONS = {
  fileName: 'tectoria-backup.json',
  description: 'Everything of Tectoria',
  extensions: ['.json'],
  mimeTypes: ['application/json'],
}

/** Can this browser write into a file by itself? */
export const canBackUp = typeof self !== 'undefined' && 'showSaveFilePicker' in self

/** What browsers have of handles beyond their types. */
type Handle = FileSystemFileHandle & {
  queryPermission?: (wanted: { mode: 'readwrite' }) => Promise<PermissionState>
}

/** Few pages ever write one: what does it comes when it is wanted. */
async function saved(text: string, to: Handle | null): Promise<Handle | null> {
  const { fileSave } = await import('browser-fs-access')
  return fileSave(blobOf(text), OPTIONS, to, true)
}

function blobOf(text: string): Blob {
  return new Blob([text], { type: 'application/json' })
}

function targetOf(handle: Handle): BackupTarget {
  return {
    name: handle.name,
    isAllowed: async () => {
      const answer = await handle.queryPermission?.({ mode: 'readwrite' })
      return answer === undefined || answer === 'granted'
    },
    write: async (text) => {
      await saved(text, handle)
    },
  }
}

/** Asks for a file, and keeps it up to date from now on. @throws DOMException AbortError where none was chosen */
export function beginBackupHere(store: Store): Promise<BackupState | null> {
  return beginBackup(store, (text) => saved(text, null), targetOf)
}

/** Writes the backup file now, as the person asks for it. */
export function writeBackupHere(store: Store): Promise<BackupState | null> {
  return writeBackup(store, targetOf, true)
}

/** How the backup file of this browser stands; null: there is none. */
export function backupHere(store: Store): Promise<BackupState | null> {
  return backupOf(store)
}

/** Writes no backup file any more. */
export function endBackupHere(store: Store): Promise<void> {
  return endBackup(store)
}

/** Writes the backup file where there is one and this tab is the one to do it. */
export async function keepBackupHere(store: Store): Promise<void> {
  if (!canBackUp) return
  const { locks } = navigator
  const write = () => writeBackup(store, targetOf).then(() => undefined)
  if (!locks) return write()
  await locks.request('tectoria-backup', { ifAvailable: true }, (lock) =>
    lock ? write() : undefined,
  )
}
