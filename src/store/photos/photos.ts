import type { Store } from '../store'

/** A picture and the small one of it. */
export type Photo = { id: string; photo: Blob; thumb: Blob }

/** A picture that no row knows is kept for so long all the same: its row may be written a moment later, or in another tab. */
const YOUNG_MS = 60 * 60_000

/** Keeps pictures, all or none. */
export async function keepPhotos({ db, now }: Store, photos: readonly Photo[]): Promise<void> {
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
 * Takes pictures away that no row names, nor any change that could be taken back.
 *
 * @param young what is younger is spared, ms
 */
export async function sweepPhotos({ db, now }: Store, young = YOUNG_MS): Promise<number> {
  const [ids, changes] = await Promise.all([
    db.pictures.toCollection().primaryKeys(),
    db.changes.toArray(),
  ])
  const named = new Set<string>(ids)
  for (const { rows } of changes)
    for (const { table, id } of rows) if (table === 'pictures') named.add(id)
  const lost = await db.photos
    .filter(({ id, at }) => !named.has(id) && now() - at >= young)
    .primaryKeys()
  await dropPhotos({ db }, lost)
  return lost.length
}

/** Takes pictures away. */
export async function dropPhotos({ db }: Pick<Store, 'db'>, ids: readonly string[]): Promise<void> {
  await db.transaction('rw', [db.photos, db.thumbs], async () => {
    await db.photos.bulkDelete([...ids])
    await db.thumbs.bulkDelete([...ids])
  })
}
