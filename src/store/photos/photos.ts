import { picturesOfCopies } from '../copies/copies'
import { browserFolder, type CopyFolder } from '../copies/folder'
import { reasonOf } from '../reason'
import type { Store } from '../store'
import type { Written } from '../transact'
import { fullWords, roomHere, roomWords } from './room'

/** A picture and the small one of it. */
export type Photo = { id: string; photo: Blob; thumb: Blob }

/** A picture that no row knows is kept for so long all the same: its row may be written a moment later, or in another tab. */
const YOUNG_MS = 60 * 60_000

/** What the ids of pictures' rows begin with where those that couldn't be read lie. */
const OF_PICTURE = 'pictures '

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
 * Takes pictures away that nothing could bring a row of back: no row names them, nor a row that lies apart, nor any change that
 * could be taken back, nor a copy, as long as there is room for more.
 *
 * @param young what is younger is spared, ms
 * @param copies where the copies lie
 */
export async function sweepPhotos(
  { db, now }: Store,
  young = YOUNG_MS,
  copies: CopyFolder | null = null,
): Promise<number> {
  const ids = await db.pictures.toCollection().primaryKeys()
  const nameless = await db.photos
    .where('id')
    .noneOf(ids)
    .filter(({ at }) => now() - at >= young)
    .primaryKeys()
  if (nameless.length === 0) return 0
  const named = new Set(await namedApart({ db }))
  const unnamed = nameless.filter((id) => !named.has(id))
  const lost = unnamed.length > 0 ? await inNoCopy({ db }, unnamed, copies) : []
  await dropPhotos({ db }, lost)
  return lost.length
}

/** The pictures whose rows aren't here, but could be put back: those of changes, and those that couldn't be read. */
async function namedApart({ db }: Pick<Store, 'db'>): Promise<string[]> {
  const changes = await db.changes.toArray()
  const apart = await db.damaged.where('id').startsWith(OF_PICTURE).primaryKeys()
  const changed = changes.flatMap(({ rows }) => rows.filter(({ table }) => table === 'pictures'))
  return [...changed.map(({ id }) => id), ...apart.map((id) => id.slice(OF_PICTURE.length))]
}

/** Those of the pictures that no copy would bring back; where the room is short all of them, since copies give way. */
async function inNoCopy(
  { db }: Pick<Store, 'db'>,
  ids: readonly string[],
  copies: CopyFolder | null,
): Promise<string[]> {
  const folder = copies ?? (await browserFolder())
  if (!folder || roomWords(await roomHere()) !== null) return [...ids]
  // Of a copy that can't be read just now nobody knows what it names.
  const named = await picturesOfCopies({ db }, folder).catch(() => null)
  return named ? ids.filter((id) => !named.has(id)) : []
}

/** Takes pictures away. */
async function dropPhotos({ db }: Pick<Store, 'db'>, ids: readonly string[]): Promise<void> {
  await db.transaction('rw', [db.photos, db.thumbs], async () => {
    await db.photos.bulkDelete([...ids])
    await db.thumbs.bulkDelete([...ids])
  })
}
