import { readProject } from '@/core/formats/projectFile'
import { levelsHoldFrom } from '@/core/log'
import type { Project } from '@/core/model/project'
import { PROJECT_LISTS } from '@/core/model/projectLists'
import { KNOWN_FIELDS } from '../documents'
import { keptWith, type Photo, sweepPhotos } from '../photos/photos'
import type { Store } from '../store'
import { DATA_TABLES, type Write } from '../tables'
import { transact, type Written } from '../transact'
import { put } from './rows'

/**
 * Takes a project in: rows with new ids are added, rows with known ids replaced; all or nothing, and taken back as a whole.
 * Fields that this version doesn't know are kept and written out again.
 */
export function importProject(store: Store, project: Project, label: string): Promise<Written> {
  // A bottle of an older file holds what its row says: what its log drew is in that already.
  const leftSince = levelsHoldFrom(project.acts ?? [], store.now())
  const shelf = (project.shelf ?? []).map((row) => ({ leftSince, ...row }))
  const whole = { ...project, shelf }
  return transact(
    store,
    async () => {
      const rows = PROJECT_LISTS.flatMap((table) =>
        (whole[table] ?? []).map((row): Write => ({ table, id: row.id, row })),
      )
      const times = project.sessions
        ? [put('single', { id: 'sessions', value: project.sessions })]
        : []
      const extra = Object.entries(project).filter(([field]) => !KNOWN_FIELDS.includes(field))
      const unknown =
        extra.length > 0 ? [put('single', { id: 'extra', value: Object.fromEntries(extra) })] : []
      return { label, writes: [...rows, ...times, ...unknown] }
    },
    { whole: true },
  )
}

/** Takes a project in with its pictures: they come first, and go again where the rows can't be written. */
export function importWithPhotos(
  store: Store,
  project: Project,
  photos: readonly Photo[],
  label: string,
): Promise<Written> {
  return keptWith(store, photos, 'Nothing was imported', () => importProject(store, project, label))
}

/** Set once the demo was put on an empty bench: wiped, it stays away. */
const LOADED = 'tectoria-demo-loaded'

/** Is the bench empty, and was the demo never put on it? */
export async function shouldLoadDemo({ db }: Store): Promise<boolean> {
  if (localStorage.getItem(LOADED)) return false
  return (await db.builds.count()) === 0
}

/**
 * Loads the demo through the same reading and import as anybody's file.
 *
 * @throws Error if the demo isn't a valid project
 */
export async function loadDemo(store: Store): Promise<Written> {
  // Nobody else needs it: it isn't in the page until it is asked for.
  const { demoProject } = await import('@/demo/demo')
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone
  const file: unknown = JSON.parse(JSON.stringify(demoProject(store.now(), zone)))
  const parsed = readProject(file)
  if (!parsed.ok) throw new Error(`loadDemo: ${JSON.stringify(parsed.problems[0])}`)
  const photos = await demoPhotos((parsed.value.pictures ?? []).map(({ id }) => id))
  const written = await importWithPhotos(store, parsed.value, photos, 'Loaded the demo bench')
  if (written.ok) localStorage.setItem(LOADED, 'yes')
  return written
}

/** Pictures that lie beside the page; one that doesn't come is told where it would be shown. */
async function demoPhotos(ids: readonly string[]): Promise<Photo[]> {
  const file = async (name: string) => {
    const answer = await fetch(`/demo/${name}.jpg`)
    if (!answer.ok) throw new Error(`${name}: ${answer.status}`)
    return answer.blob()
  }
  const got = await Promise.allSettled(
    ids.map(async (id) => ({ id, photo: await file(id), thumb: await file(`${id}-small`) })),
  )
  return got.flatMap((one) => (one.status === 'fulfilled' ? [one.value] : []))
}

/** Takes everything away. It can be taken back until it is forgotten. */
export function wipe(store: Store): Promise<Written> {
  return transact(
    store,
    async () => {
      const writes: Write[] = []
      for (const table of DATA_TABLES) {
        const ids = await store.db.table(table).toCollection().primaryKeys()
        for (const id of ids) writes.push({ table, id: String(id), row: null })
      }
      return writes.length > 0
        ? { label: 'Wiped everything', writes }
        : { refused: 'There is nothing to wipe.' }
    },
    { whole: true },
  )
}

/** Forgets what could be taken back or done again, for good. */
export async function forgetChanges(store: Store): Promise<Written> {
  await store.db.changes.clear()
  // Whoever wiped everything and forgets that means the pictures too, those of a minute ago as well.
  await sweepPhotos(store, 0)
  return { ok: true, label: 'Forgotten: nothing can be undone any more', undo: false }
}
