import type { Store } from './store'
import type { Write } from './tables'

/** The documents as text, and the write that they are up to. */
export type TextAt = { text: string; seq: number }

/** As it is kept: of which build of the application, too, since what one has read another reads for itself. */
type Kept = TextAt & { built: string | undefined }

/** The row of it. */
export const KEPT_BENCH = 'bench'
const BUILT = process.env.TECTORIA_BUILT
/** A text from so many characters on is sooner read than its rows are, one by one. */
const WORTH = 1_000_000

/**
 * The documents as they were kept last, with all that was written since: a copy for speed, of rows that were read well.
 *
 * @returns null: none was kept, or not everything since is told any more; the rows themselves are read
 */
export function keptBench({ db }: Store): Promise<(TextAt & { writes: Write[] }) | null> {
  return db.transaction('r', db.kept, db.feed, async () => {
    const kept = (await db.kept.get(KEPT_BENCH))?.value as Kept | undefined
    if (!kept || kept.built !== BUILT) return null
    const told = await db.feed.where('seq').aboveOrEqual(kept.seq).toArray()
    const since = told.slice(1)
    const isWhole =
      told.every(({ seq }, i) => seq === kept.seq + i) && since.every(({ writes }) => writes)
    // Where its own write isn't told any more, nobody knows what came between.
    if (told.length === 0 || !isWhole) return null
    const last = told.at(-1)?.seq ?? kept.seq
    return { text: kept.text, seq: last, writes: since.flatMap(({ writes }) => writes ?? []) }
  })
}

/**
 * Keeps the documents as text for the next load of the page, where that is worth it.
 *
 * Only while the write that they are up to is still told of: whoever put other rows there (the rescue page) emptied that list first.
 */
export function keepBench({ db }: Store, { text, seq }: TextAt): Promise<void> {
  return db.transaction('rw', db.kept, db.feed, async () => {
    const isTold = (await db.feed.get(seq)) !== undefined
    if (isTold && text.length >= WORTH)
      await db.kept.put({ id: KEPT_BENCH, value: { text, seq, built: BUILT } satisfies Kept })
    else if (await db.kept.get(KEPT_BENCH)) await db.kept.delete(KEPT_BENCH)
  })
}
