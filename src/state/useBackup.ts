import type { BackupState } from '@/store/backup/backupFile'
import { keepBackupHere } from './backupHere'
import type { Documents } from './documents'
import { useReadable } from './readable'
import type { StoreClient } from './storeClient'

/** Acts that follow one another are written into the backup file together: so long after the last, ms, and no later than that. */
const PAUSE = 10_000
const LATEST = 60_000

/** Writes the backup file after the documents were read, and after what is written into them. @returns ends it */
export function keepBackup(store: StoreClient, documents: Documents): () => void {
  let waiting: ReturnType<typeof setTimeout> | null = null
  let since = 0
  const write = () => {
    waiting = null
    void keepBackupHere(store).catch(() => {})
  }
  // The first reading too: the page may have been closed before the last change was in the file.
  const end = documents.onWrites(() => {
    if (waiting) clearTimeout(waiting)
    else since = Date.now()
    waiting = setTimeout(write, Math.max(0, Math.min(PAUSE, since + LATEST - Date.now())))
  })
  // Who closes the page is done for today.
  const hide = () => {
    if (document.visibilityState !== 'hidden' || !waiting) return
    clearTimeout(waiting)
    write()
  }
  document.addEventListener('visibilitychange', hide)
  return () => {
    end()
    if (waiting) clearTimeout(waiting)
    document.removeEventListener('visibilitychange', hide)
  }
}

/** How the backup file stands; null: there is none. */
export function useBackup(store: StoreClient): BackupState | null {
  return useReadable(store.watched('backupOf'))?.answer ?? null
}
