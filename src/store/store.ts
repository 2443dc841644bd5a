import { type Db, openDatabase } from './db'
import { newId } from './newId'

/** What an action works with: the database, and what is given from outside, so that a test can give its own. */
export type Store = {
  db: Db
  /** The tab, as the undo list names it. */
  by: string
  now: () => number
  newId: () => string
}

const TAB = 'tectoria-tab'

/** The name of this tab, the same after it is loaded again: what it did before is still its own to take back. */
function tabName(): string {
  try {
    const known = sessionStorage.getItem(TAB) ?? newId()
    sessionStorage.setItem(TAB, known)
    return known
  } catch {
    return newId()
  }
}

/** The store of this browser. */
export function browserStore(): Store {
  return { db: openDatabase(), by: tabName(), now: () => Date.now(), newId }
}
