import type { Store } from './store'
import type { FeedRecord } from './tables'

/** The newest write that is told of; 0: none is. */
export async function newest({ db }: Pick<Store, 'db'>): Promise<number> {
  // Of a query for the last one alone it would not be heard that there is another.
  return ((await db.feed.orderBy('seq').lastKey()) as number | undefined) ?? 0
}

/** What was written after a write, in order. */
export function writesAfter({ db }: Store, seq: number): Promise<FeedRecord[]> {
  return db.feed.where('seq').above(seq).toArray()
}
