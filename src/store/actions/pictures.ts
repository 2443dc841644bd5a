import type { Picture } from '@/core/model/picture'
import { keptWith, type Photo } from '../photos/photos'
import type { Store } from '../store'
import { transact, type Written } from '../transact'
import { away, change, type Fields, put } from './rows'

/** Keeps new pictures: they themselves, then what is known of them; all or none. */
export function addPictures(
  store: Store,
  added: readonly { row: Picture; photo: Photo }[],
): Promise<Written> {
  const first = added[0]?.row.name ?? ''
  const label = added.length === 1 ? `Kept: ${first}` : `Kept: ${added.length} pictures`
  const photos = added.map(({ photo }) => photo)
  return keptWith(store, photos, 'Nothing was kept', () =>
    transact(store, async () => ({
      label,
      writes: added.map(({ row }) => put('pictures', row)),
    })),
  )
}

/** Changes what is known of a picture. */
export function changePicture(
  store: Store,
  id: string,
  fields: Fields<Picture>,
  label: string,
): Promise<Written> {
  return transact(store, (read) => change(read, 'pictures', id, fields, label))
}

/** Removes a picture; it stays beside until it can't be taken back any more. */
export function removePicture(store: Store, id: string, name: string): Promise<Written> {
  return transact(store, async () => ({
    label: `Removed: ${name}`,
    writes: [away('pictures', id)],
  }))
}

/** The ids of all pictures. */
export function pictureIds({ db }: Store): Promise<string[]> {
  return db.pictures.toCollection().primaryKeys()
}
