import type { Db } from './db'

/**
 * How a page stands to the browser's database: it has it; it waits for an older page that holds on to it; a newer page has taken it over;
 * it was thrown away while the page was open; what speaks with it failed again and again.
 */
export type PageStanding = 'here' | 'waiting' | 'taken-over' | 'gone' | 'failed'

/**
 * Follows a database. One that was taken over or is gone is never opened again by this page: it would write what it no longer knows.
 *
 * @param hear is told whenever it stands otherwise
 */
export function followStanding(db: Db, hear: (standing: PageStanding) => void): void {
  const leave = (how: PageStanding) => {
    hear(how)
    db.close({ disableAutoOpen: true })
  }
  db.on('blocked', () => {
    hear('waiting')
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
      hear('here')
      // The browser closes it where somebody clears its data.
      db.backendDB()?.addEventListener('close', () => leave('gone'))
    },
    true,
  )
}
