import type { Store } from './store'

/** When everything was last in a file, exported to it or come from it, and how many acts were in the log then. */
export type LastExport = { at: number; acts: number }

const ROW = 'exported'

/** Remembers that everything is in a file now. */
export async function rememberExport({ db, now }: Store): Promise<void> {
  await db.kept.put({ id: ROW, value: { at: now(), acts: await db.acts.count() } })
}

/** When everything was last in a file; null: never. */
export async function lastExport({ db }: Store): Promise<LastExport | null> {
  const row = await db.kept.get(ROW)
  return (row?.value as LastExport | undefined) ?? null
}

const DAY = 24 * 3_600_000
/** A file is wanted after so many days with acts in them, or so many acts. */
const WANTED = { days: 14, acts: 60 } as const

/** Is it time to export again? @param acts how many are in the log */
export function wantsExport(last: LastExport | null, acts: number, now: number): boolean {
  const since = acts - (last?.acts ?? 0)
  if (since <= 0) return false
  return since >= WANTED.acts || (last !== null && now - last.at > WANTED.days * DAY)
}
