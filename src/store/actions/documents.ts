import { readProject } from '@/core/formats/projectFile'
import { levelsHoldFrom } from '@/core/log'
import type { Project } from '@/core/model/project'
import { PROJECT_LISTS } from '@/core/model/projectLists'
import { keepBefore } from '../copies/before'
import type { CopyReason } from '../copies/ring'
import { KNOWN_FIELDS } from '../documents'
import { rememberExport } from '../exportedAt'
import { newest } from '../feed'
import { HANDED, rememberHanded } from '../handed'
import { KEPT_BENCH } from '../keptBench'
import { KEPT_PLAN } from '../keptPlan'
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
  const writes = writesOf(project, store.now())
  return transact(store, async () => ({ label, writes }), { whole: true })
}

/** Puts a project in place of all that is here: what isn't in it goes; all or nothing, and taken back as a whole. */
export function replaceProject(store: Store, project: Project, label: string): Promise<Written> {
  const writes = writesOf(project, store.now())
  const stays = new Set(writes.map(({ table, id }) => `${table} ${id}`))
  return transact(
    store,
    async () => {
      const here = await everythingAway(store)
      const away = here.filter(({ table, id }) => !stays.has(`${table} ${id}`))
      return { label, writes: [...away, ...writes] }
    },
    { whole: true },
  )
}

/** A project as rows. @param now epoch milliseconds */
export function writesOf(project: Project, now: number): Write[] {
  // A bottle of an older file holds what its row says: what its log drew is in that already.
  const leftSince = levelsHoldFrom(project.acts ?? [], now)
  const shelf = (project.shelf ?? []).map((row) => ({ leftSince, ...row }))
  const whole = { ...project, shelf }
  const rows = PROJECT_LISTS.flatMap((table) =>
    (whole[table] ?? []).map((row): Write => ({ table, id: row.id, row })),
  )
  const times = project.sessions ? [put('single', { id: 'sessions', value: project.sessions })] : []
  const extra = Object.entries(project).filter(([field]) => !KNOWN_FIELDS.includes(field))
  const unknown =
    extra.length > 0 ? [put('single', { id: 'extra', value: Object.fromEntries(extra) })] : []
  return [...rows, ...times, ...unknown]
}

/** All rows, taken away. */
async function everythingAway(store: Store): Promise<Write[]> {
  const writes: Write[] = []
  for (const table of DATA_TABLES) {
    const ids = await store.db.table(table).toCollection().primaryKeys()
    for (const id of ids) writes.push({ table, id: String(id), row: null })
  }
  return writes
}

/** A name for what was done, with what is to be told of its copy. */
export async function withCopy(store: Store, why: CopyReason, label: string): Promise<string> {
  const told = await keepBefore(store, why)
  return told ? `${label} (${told})` : label
}

/** Takes a project in with its pictures: they come first, and go again where the rows can't be written. */
export async function importWithPhotos(
  store: Store,
  project: Project,
  photos: readonly Photo[],
  label: string,
  why: CopyReason = 'import',
): Promise<Written> {
  const said = await withCopy(store, why, label)
  const wasEmpty = (await store.db.acts.count()) === 0
  const written = await keptWith(store, photos, 'Nothing was imported', () =>
    importProject(store, project, said),
  )
  // What came onto an empty bench is in that file.
  if (written.ok && wasEmpty) await rememberExport(store)
  if (written.ok) await rememberHanded(store, project)
  return written
}

/** Is there no build on the bench? */
export async function isEmpty({ db }: Store): Promise<boolean> {
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
  return importWithPhotos(store, parsed.value, photos, 'Loaded the demo bench', 'demo')
}

/** Pictures that lie beside the page; one that doesn't come is told where it would be shown. */
async function demoPhotos(ids: readonly string[]): Promise<Photo[]> {
  const file = async (name: string) => {
    const answer = await fetch(new URL(`/demo/${name}.jpg`, globalThis.location.origin))
    if (!answer.ok) throw new Error(`${name}: ${answer.status}`)
    return answer.blob()
  }
  const got = await Promise.allSettled(
    ids.map(async (id) => ({ id, photo: await file(id), thumb: await file(`${id}-small`) })),
  )
  return got.flatMap((one) => (one.status === 'fulfilled' ? [one.value] : []))
}

/** Takes everything away. It can be taken back until it is forgotten, and a copy of it is kept. */
export async function wipe(store: Store): Promise<Written> {
  const label = await withCopy(store, 'wipe', 'Wiped everything')
  return transact(
    store,
    async () => {
      const writes = await everythingAway(store)
      return writes.length > 0 ? { label, writes } : { refused: 'There is nothing to wipe.' }
    },
    { whole: true },
  )
}

/** Forgets what is kept of documents that are gone for good: as text, as a plan, as they were handed over. */
async function forgetKept({ db }: Store): Promise<void> {
  const rows = db.kept.where('id').anyOf(KEPT_BENCH, KEPT_PLAN).or('id').startsWith(HANDED)
  await rows.delete()
}

/** Forgets what other tabs are told by; that it counts on from where it was is all that is left of it. */
async function forgetTold({ db }: Store): Promise<void> {
  await db.transaction('rw', db.feed, async () => {
    const seq = await newest({ db })
    await db.feed.clear()
    if (seq > 0) await db.feed.add({ seq, writes: null })
  })
}

/** Forgets what could be taken back or done again, for good. */
export async function forgetChanges(store: Store): Promise<Written> {
  await store.db.changes.clear()
  await forgetTold(store)
  // Nor does what is kept for speed, or for coming back together, still tell of a bench that was wiped.
  if ((await everythingAway(store)).length === 0) await forgetKept(store)
  // Whoever wiped everything and forgets that means the pictures too, those of a minute ago as well, but for what a copy names.
  await sweepPhotos(store, 0)
  return { ok: true, label: 'Forgotten: nothing can be undone any more', undo: false }
}
