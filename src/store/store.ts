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

/** The store of this browser. @param by the tab */
export function browserStore(by: string): Store {
  return { db: openDatabase(), by, now: () => Date.now(), newId }
}
