import { DATABASE, DATABASE_VERSION } from '../db'
import { fileText, projectOf } from '../documents'
import { browserFolder } from './folder'
import { packed } from './packed'
import { copyName } from './ring'

let before: Promise<void> | null = null

/**
 * Looks at the database before it is opened, once a page: of one that is older than this version a copy is kept before it is brought up.
 *
 * @throws Error in words for the person where it is newer: opened, it would be changed to what this version knows
 */
export function beforeOpening(): Promise<void> {
  before ??= lookedAt()
  return before
}

const NEWER =
  'it was written by a newer Tectoria than this page is. Load the page again to get that one.'

async function lookedAt(): Promise<void> {
  const known = await globalThis.indexedDB?.databases?.().catch(() => [])
  const version = known?.find(({ name }) => name === DATABASE)?.version
  if (version === undefined) return
  // Dexie counts in tens, and a database that it added to without a new version in between.
  const own = Math.floor(version / 10)
  if (own > DATABASE_VERSION) throw new Error(NEWER)
  if (own < DATABASE_VERSION) await keepOlder(version).catch(() => {})
}

async function keepOlder(version: number): Promise<void> {
  const folder = await browserFolder()
  if (!folder) return
  const rows = await rawRows(version)
  if (Object.values(rows).every((own) => own.length === 0)) return
  const now = Date.now()
  await folder.write(copyName(now, 'upgrade'), await packed(fileText(projectOf(rows), now)))
}

/** All rows as they lie. */
function rawRows(version: number): Promise<Record<string, unknown[]>> {
  return new Promise((resolve, reject) => {
    const opening = indexedDB.open(DATABASE, version)
    opening.onerror = () => reject(opening.error)
    opening.onsuccess = () => {
      const db = opening.result
      const names = [...db.objectStoreNames].filter((name) => name !== 'changes')
      const rows: Record<string, unknown[]> = {}
      const reading = db.transaction(names, 'readonly')
      for (const name of names) {
        const all = reading.objectStore(name).getAll()
        all.onsuccess = () => {
          rows[name] = all.result
        }
      }
      reading.oncomplete = () => {
        db.close()
        resolve(rows)
      }
      reading.onerror = () => {
        db.close()
        reject(reading.error)
      }
    }
  })
}
