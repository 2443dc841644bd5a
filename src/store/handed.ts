import type { Project } from '@/core/model/project'
import { fileText, projectOf, rawTables } from './documents'
import type { Store } from './store'

/** A bench as it was when it was handed over, so that two devices know what both went on from. */
type Snapshot = { at: number; project: Project }

/** How rows of such are named. */
export const HANDED = 'handed:'
/** So many are remembered: to and fro, and once more. */
const KEPT = 4

/**
 * The project as the text of a file for another device or for keeping: it says which file it is and which ones this device knows, and
 * how it is now is remembered.
 */
export async function handOver(store: Store): Promise<string> {
  const project = projectOf(await rawTables(store))
  const id = store.newId()
  const knows = await known(store)
  await remember(store, id, project)
  return fileText(project, store.now(), { handed: { id, knows } })
}

/** What this device and the maker of a file both went on from; null: nobody knows. */
export async function baseOf({ db }: Store, { handed }: Project): Promise<Project | null> {
  for (const id of handed ? [handed.id, ...(handed.knows ?? [])] : []) {
    const row = await db.kept.get(HANDED + id)
    if (row) return (row.value as Snapshot).project
  }
  return null
}

/** Remembers a file that was taken in: what comes from its maker next went on from it. */
export async function rememberHanded(store: Store, project: Project): Promise<void> {
  if (project.handed) await remember(store, project.handed.id, project)
}

async function remember({ db, now }: Store, id: string, project: Project): Promise<void> {
  await db.kept.put({ id: HANDED + id, value: { at: now(), project } satisfies Snapshot })
  const all = await snapshots(db)
  await db.kept.bulkDelete(all.slice(KEPT).map((one) => one.id))
}

/** Ids of files that this device knows, the newest first. */
async function known({ db }: Store): Promise<string[]> {
  return (await snapshots(db)).map(({ id }) => id.slice(HANDED.length))
}

async function snapshots(db: Store['db']): Promise<{ id: string; at: number }[]> {
  const rows = await db.kept.where('id').startsWith(HANDED).toArray()
  return rows
    .map(({ id, value }) => ({ id, at: (value as Snapshot).at }))
    .sort((a, b) => b.at - a.at)
}
