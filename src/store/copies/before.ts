import { reasonOf } from '../reason'
import type { Store } from '../store'
import { keepCopy } from './copies'
import { browserFolder } from './folder'
import type { CopyReason } from './ring'

/**
 * Keeps a copy before something that takes data away or changes all of it.
 *
 * @returns what is to be told where none could be kept; null: one was, there was nothing to keep, or this browser has no place for it
 */
export async function keepBefore(store: Store, why: CopyReason): Promise<string | null> {
  const folder = await browserFolder()
  if (!folder) return null
  try {
    await keepCopy(store, folder, why)
    return null
  } catch (error) {
    return `no copy was kept: ${reasonOf(error)}`
  }
}
