import type { Db } from '@/store/db'
import { type Readable, writable } from './readable'

/**
 * How a page stands to the browser's database: it has it; it waits for an older page that holds on to it; a newer page has taken it over;
 * it was thrown away while the page was open.
 */
export type PageStanding = 'here' | 'waiting' | 'taken-over' | 'gone'

/** Follows a database. One that was taken over or is gone is never opened again by this page: it would write what it no longer knows. */
export function standingOf(db: Db): Readable<PageStanding> {
  const standing = writable<PageStanding>('here')
  const leave = (how: PageStanding) => {
    standing.set(how)
    db.close({ disableAutoOpen: true })
  }
  db.on('blocked', () => {
    standing.set('waiting')
    return false
  })
  db.on('versionchange', ({ newVersion }) => {
    leave(newVersion === null ? 'gone' : 'taken-over')
    // The library's own answer would open it again.
    return false
  })
  db.on(
    'ready',
    () => {
      standing.set('here')
      // The browser closes it where somebody clears its data.
      db.backendDB()?.addEventListener('close', () => leave('gone'))
    },
    true,
  )
  return standing
}
