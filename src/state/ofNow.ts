import type { Build } from '@/core/model/build'
import type { EditOfNow } from '@/core/model/edit'
import type { Mesh } from '@/core/model/mesh'
import { GONE } from '@/store/reason'
import type { Rows } from '@/store/rows/schemas'
import type { Written } from '@/store/transact'
import type { StoreClient } from './storeClient'

/** So often a change is reckoned anew where somebody else wrote between the reckoning and the writing. */
const MOST_TIMES = 20

/**
 * Writes what is reckoned from a row as it is now. The row is read here and the change written there: where it is another row by then,
 * both are done again.
 */
export async function ofNow<T extends keyof Rows>(
  store: StoreClient,
  table: T,
  id: string,
  write: (now: Rows[T]) => Promise<Written>,
): Promise<Written> {
  let written: Written = { ok: false, why: GONE }
  for (let time = 0; time < MOST_TIMES; time++) {
    const now = (await store.ask('rowNow', table, id)) as Rows[T] | undefined
    if (!now) return { ok: false, why: GONE }
    written = await write(now)
    if (written.ok || !written.stale) return written
  }
  return written
}

/** Edits a build, by an edit or by how it follows from the build as it is when it is written. */
export function editOfNow(
  store: StoreClient,
  id: string,
  edit: EditOfNow,
  label: string,
  mesh: Mesh | null = null,
): Promise<Written> {
  if (typeof edit !== 'function') return store.ask('editBuild', id, edit, label, mesh)
  return ofNow(store, 'builds', id, (now: Build) =>
    store.ask('editBuild', id, edit(now), label, mesh, now),
  )
}

/** Changes fields of a row by what they are now: two taps in quick succession both count. */
export function changeOfNow<T extends Kept>(
  store: StoreClient,
  table: T,
  id: string,
  fieldsOf: (now: Rows[T]) => Partial<Rows[T]>,
  label: string,
): Promise<Written> {
  return ofNow(store, table, id, (now) =>
    store.ask('changeRow', table, now, fieldsOf(now) as never, label),
  )
}

/** Tables whose rows are changed by what they are now. */
export type Kept = 'pictures' | 'tests' | 'single'
