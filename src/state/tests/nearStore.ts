import type { Store } from '@/store/store'
import { type StoreDesk, storeDesk } from '@/workers/storeDesk'
import { storeClient } from '../storeClient'
import { type NearWorker, nearHost } from './nearWorker'

/**
 * A store as a page has it, its worker in this thread; and the workers that were begun.
 *
 * @param deskOf what a worker is
 */
export function nearStore(
  store: Store,
  now = store.now,
  deskOf: () => StoreDesk = () =>
    storeDesk(
      () => store,
      async () => undefined,
    ),
) {
  let begun: NearWorker[] = []
  const client = storeClient(
    store.by,
    (greet) => {
      const made = nearHost(deskOf, greet)
      begun = made.begun
      return made.host
    },
    now,
  )
  return { client, begun: () => begun }
}
