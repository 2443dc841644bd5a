import type { Build } from '@/core/model/build'
import type { LoggedAct } from '@/core/model/loggedAct'
import type { Project } from '@/core/model/project'
import { openDatabase } from '../db'
import { projectOf, rawTables } from '../documents'
import type { Store } from '../store'

/** When the tests' stores begin. */
export const NOW = Date.parse('2026-03-17T18:25:00Z')

/** A store of its own tab over a database; its clock goes on a minute at every look, its ids are counted. */
export function testStore(database: string, tab = 'a'): Store {
  let minute = 0
  let n = 0
  return {
    db: openDatabase(database),
    by: tab,
    now: () => NOW + minute++ * 60_000,
    newId: () => `${tab}${++n}`,
  }
}

/** Everything that is stored, as one project. */
export async function storedProject(store: Store): Promise<Project> {
  return projectOf(await rawTables(store))
}

/** The rows of one table. */
export async function rowsOf(store: Store, table: string): Promise<unknown[]> {
  return store.db.table(table).toArray()
}

/** The log, in the order in which it was written. */
export async function storedActs(store: Store): Promise<LoggedAct[]> {
  return store.db.acts.orderBy('at').toArray()
}

/** A small build: one step with two coats on two parts, one without on one. */
export const BUILD: Build = {
  id: 'b',
  name: 'Skiff',
  parts: [
    { id: 'p', name: 'Hull', substrate: 'polystyrene' },
    { id: 'q', name: 'Mast', substrate: 'polystyrene' },
  ],
  steps: [
    { id: 's', parts: ['p', 'q'], do: 'prime', coats: ['light', 'light'] },
    { id: 't', parts: ['p'], do: 'line' },
  ],
}
