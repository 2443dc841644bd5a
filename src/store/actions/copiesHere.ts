import { copiesIn, keepCopy, keepDaily } from '../copies/copies'
import { browserFolder, type CopyFolder } from '../copies/folder'
import { unpacked } from '../copies/packed'
import type { Copy } from '../copies/ring'
import { sweepPhotos } from '../photos/photos'
import type { Store } from '../store'

export type { Copy }

/** The copies of this browser, the newest first; null: it keeps none. */
export async function copiesHere(): Promise<Copy[] | null> {
  const folder = await browserFolder()
  return folder && copiesIn(folder)
}

/** A copy as the text of a project's file. @throws Error if it is gone */
export async function copyText(name: string): Promise<string> {
  const folder = await browserFolder()
  if (!folder) throw new Error('This browser keeps no copies')
  return unpacked(await folder.read(name))
}

/** Keeps a copy of all rows now. @throws Error where there is no room for it */
export async function keepCopyNow(store: Store): Promise<void> {
  const folder = await browserFolder()
  if (folder) await keepCopy(store, folder, 'asked')
}

/** Throws a copy away for good, with the pictures that nothing else could bring back. @throws Error where it can't be */
export async function dropCopy(
  store: Store,
  name: string,
  from: CopyFolder | null = null,
): Promise<void> {
  const folder = from ?? (await browserFolder())
  await folder?.remove(name)
  await sweepPhotos(store, undefined, folder)
}

/** Keeps the copy of the day, where none was kept yet. */
export async function keepDailyHere(store: Store): Promise<void> {
  const folder = await browserFolder()
  if (folder) await keepDaily(store, folder).catch(() => {})
}
