import { until } from '@/state/tests/until'
import { logAct } from '@/store/actions/acts'
import { addBuild } from '@/store/actions/builds'
import type { Store } from '@/store/store'
import { BUILD, rowsOf, testStore } from '@/store/tests/stores'
import { followStanding, type PageStanding } from './standing'

/** How a database stands, as it is heard. */
function standingOf(db: Store['db']) {
  let standing: PageStanding = 'here'
  followStanding(db, (is) => {
    standing = is
  })
  return { get: () => standing }
}

const COAT = [{ build: 'b', part: 'p', step: 's' }, { kind: 'coat-done' }, { coat: 1 }] as const
let n = 0

/** A tab that has a database open, and its name. */
async function opened() {
  const database = `standing ${++n}`
  const store = testStore(database)
  const standing = standingOf(store.db)
  await addBuild(store, BUILD)
  return { database, store, standing }
}

/** A bare connection to a database, as a page of another version holds it. */
function connection(database: string, version?: number): Promise<IDBDatabase> {
  return new Promise((resolve, reject) => {
    const opening = indexedDB.open(database, version)
    opening.onsuccess = () => resolve(opening.result)
    opening.onerror = () => reject(opening.error)
  })
}

it('a page that opened its database has it', async () => {
  const { standing } = await opened()
  expect(standing.get()).toBe('here')
})

it('a newer page takes it over: nothing is written any more, and it says why', async () => {
  const { database, store, standing } = await opened()
  const newer = await connection(database, 990)
  expect(standing.get()).toBe('taken-over')
  const written = await logAct(store, ...COAT, 'Coat done')
  expect(written).toEqual({ ok: false, why: expect.stringContaining('Load it anew') })
  const acts = newer.transaction('acts').objectStore('acts').count()
  await until(() => acts.readyState === 'done')
  expect(acts.result).toBe(0)
  expect(newer.version).toBe(990)
  newer.close()
})

it('one that is thrown away is not made anew by a page that was open', async () => {
  const { database, store, standing } = await opened()
  await new Promise((resolve) => {
    indexedDB.deleteDatabase(database).onsuccess = resolve
  })
  expect(standing.get()).toBe('gone')
  expect((await logAct(store, ...COAT, 'Coat done')).ok).toBe(false)
  expect((await indexedDB.databases()).map(({ name }) => name)).not.toContain(database)
})

it('an older page that holds on to it is waited for', async () => {
  const database = `standing ${++n}`
  const older = await connection(database, 1)
  const store = testStore(database)
  const standing = standingOf(store.db)
  const adding = addBuild(store, BUILD)
  await until(() => standing.get() === 'waiting')
  older.close()
  expect((await adding).ok).toBe(true)
  expect(standing.get()).toBe('here')
  expect(await rowsOf(store, 'builds')).toHaveLength(1)
})
