import { reasonOf } from '../reason'
import type { Store } from '../store'
import type { Written } from '../transact'
import { fullWords } from './room'

/** A picture and the small one of it. */
export type Photo = { id: string; photo: Blob; thumb: Blob }

/** A picture that no row knows is kept for so long all the same: its row may be written a moment later, or in another tab. */
const YOUNG_MS = 60 * 60_000

/** Keeps pictures, all or none. */
async function keepPhotos({ db, now }: Store, photos: readonly Photo[]): Promise<void> {
  const at = now()
  await db.transaction('rw', [db.photos, db.thumbs], async () => {
    await db.photos.bulkPut(photos.map(({ id, photo }) => ({ id, blob: photo, at })))
    await db.thumbs.bulkPut(photos.map(({ id, thumb }) => ({ id, blob: thumb, at })))
  })
}

/** A picture, or the small one of it; null: it isn't here. */
export async function photoOf(
  { db }: Store,
  id: string,
  size: 'photos' | 'thumbs' = 'photos',
): Promise<Blob | null> {
  return (await db.table(size).get(id))?.blob ?? null
}

/**
 * Keeps pictures, then writes what names them; where that isn't written the new ones go again.
 *
 * @param nothing what didn't happen where they can't be kept, as "Nothing was imported"
 */
export async function keptWith(
  store: Store,
  photos: readonly Photo[],
  nothing: string,
  write: () => Promise<Written>,
): Promise<Written> {
  const ids = photos.map(({ id }) => id)
  const known = await store.db.photos.where('id').anyOf(ids).primaryKeys()
  try {
    await keepPhotos(store, photos)
  } catch (error) {
    return { ok: false, why: fullWords(error) ?? `${nothing}: ${reasonOf(error)}` }
  }
  const written = await write()
  if (!written.ok)
    await dropPhotos(
      store,
      ids.filter((id) => !known.includes(id)),
    )
  return written
}

/**
 * Takes pictures away that no row names, nor any change that could be taken back.
 *
 * @param young what is younger is spared, ms
 */
export async function sweepPhotos({ db, now }: Store, young = YOUNG_MS): Promise<number> {
  const [kept, ids] = await Promise.all([
    db.photos.toCollection().primaryKeys(),
    db.pictures.toCollection().primaryKeys(),
  ])
  const named = new Set<string>(ids)
  const nameless = kept.filter((id) => !named.has(id))
  if (nameless.length === 0) return 0
  for (const { rows } of await db.changes.toArray())
    for (const { table, id } of rows) if (table === 'pictures') named.add(id)
  const lost = await db.photos
    .where('id')
    .anyOf(nameless.filter((id) => !named.has(id)))
    .filter(({ at }) => now() - at >= young)
    .primaryKeys()
  await dropPhotos({ db }, lost)
  return lost.length
}

/** Takes pictures away. */
async function dropPhotos({ db }: Pick<Store, 'db'>, ids: readonly string[]): Promise<void> {
  await db.transaction('rw', [db.photos, db.thumbs], async () => {
    await db.photos.bulkDelete([...ids])
    await db.thumbs.bulkDelete([...ids])
  })
}
