import type { Project } from '@/core/model/project'
import { exportProject } from '../documents'
import type { Store } from '../store'
import { DATA_TABLES } from '../tables'
import type { CopyFolder } from './folder'
import { packed, unpacked } from './packed'
import { type Copy, type CopyReason, copyName, copyOf, outdated, wantsDaily } from './ring'

/** The copies there are, the newest first. */
export async function copiesIn(folder: CopyFolder): Promise<Copy[]> {
  const files = await folder.list()
  return files.flatMap(({ name, bytes }) => copyOf(name, bytes) ?? []).sort((a, b) => b.at - a.at)
}

/**
 * Keeps a copy of all rows, and drops those that are old. Pictures aren't in it: they lie apart, and stay as long as it does.
 *
 * @returns null: there is nothing to keep
 * @throws Error where there is no room for it
 */
export async function keepCopy(
  store: Store,
  folder: CopyFolder,
  why: CopyReason,
): Promise<string | null> {
  if (await isEmpty(store)) return null
  const name = copyName(store.now(), why)
  await folder.write(name, await packed(await exportProject(store)))
  for (const { name: old } of outdated(await copiesIn(folder), store.now()))
    await folder.remove(old).catch(() => {})
  return name
}

/** Pictures by the copy that names them. What a copy holds never changes: each is read once. */
const namedBy = new WeakMap<Store['db'], Map<string, string[]>>()

/** The pictures that a copy would bring a row of back. @throws Error where a copy can't be read: nobody knows what it names */
export async function picturesOfCopies(
  { db }: Pick<Store, 'db'>,
  folder: CopyFolder,
): Promise<Set<string>> {
  const known = namedBy.get(db) ?? new Map<string, string[]>()
  namedBy.set(db, known)
  const copies = await copiesIn(folder)
  for (const { name } of copies)
    if (!known.has(name)) known.set(name, await picturesIn(folder, name))
  return new Set(copies.flatMap(({ name }) => known.get(name) ?? []))
}

async function picturesIn(folder: CopyFolder, name: string): Promise<string[]> {
  const project = JSON.parse(await unpacked(await folder.read(name))) as Project
  return (project.pictures ?? []).map(({ id }) => id)
}

/** Keeps the copy of a day, once a day; one tab at a time. */
export async function keepDaily(store: Store, folder: CopyFolder): Promise<void> {
  const daily = async () => {
    if (wantsDaily(await copiesIn(folder), store.now())) await keepCopy(store, folder, 'daily')
  }
  const locks = globalThis.navigator?.locks
  await (locks ? locks.request('tectoria-copies', daily) : daily())
}

async function isEmpty({ db }: Store): Promise<boolean> {
  const counts = await Promise.all(DATA_TABLES.map((table) => db.table(table).count()))
  return counts.every((count) => count === 0)
}
