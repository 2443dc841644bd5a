import {
  type BackupRows,
  type BackupState,
  type BackupTarget,
  beginBackup,
  writeBackup,
} from '@/store/backup/backupFile'
import type { StoreClient } from './storeClient'

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

const rowsOf = (store: StoreClient): BackupRows => ({
  of: () => store.ask('backupOf'),
  keep: (state) => store.ask('keepBackupState', state),
  everything: () => store.ask('everything'),
  exported: () => store.ask('rememberExport'),
})

/** Asks for a file, and keeps it up to date from now on. @throws DOMException AbortError where none was chosen */
export function beginBackupHere(store: StoreClient): Promise<BackupState | null> {
  return beginBackup(rowsOf(store), (text) => saved(text, null), targetOf)
}

/** Writes the backup file now, as the person asks for it. */
export function writeBackupHere(store: StoreClient): Promise<BackupState | null> {
  return writeBackup(rowsOf(store), targetOf, true)
}

/** Writes the backup file where there is one and this tab is the one to do it. */
export async function keepBackupHere(store: StoreClient): Promise<void> {
  if (!canBackUp) return
  const { locks } = navigator
  const write = () => writeBackup(rowsOf(store), targetOf).then(() => undefined)
  if (!locks) return write()
  await locks.request('tectoria-backup', { ifAvailable: true }, (lock) =>
    lock ? write() : undefined,
  )
}
