import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import Dexie from 'dexie'
import { readProject } from '@/core/formats/projectFile'
import { loadRows } from './rows/loadRows'
import { storedProject, testStore } from './tests/stores'
import { undo } from './undo'

type Fixture = {
  version: number
  stores: Record<string, string>
  tables: Record<string, Record<string, unknown>[]>
}

/** A database as browsers had it, row by row. */
function fixture(version: number): Fixture {
  const file = join(__dirname, 'tests', 'fixtures', `schema${version}.json`)
  return JSON.parse(readFileSync(file, 'utf8'))
}

async function opened(version: number, name = `old ${version}`) {
  const { stores, tables } = fixture(version)
  const old = new Dexie(name)
  old.version(version).stores(stores)
  await old.open()
  for (const [table, rows] of Object.entries(tables)) await old.table(table).bulkAdd(rows)
  old.close()
  const store = testStore(name)
  const loaded = await loadRows(store)
  return { store, loaded, tables }
}

test.each([1, 2, 3, 4, 5, 6, 7, 8])('a browser of version %i keeps everything', async (version) => {
  const { store, loaded, tables } = await opened(version)
  expect(store.db.verno).toBe(9)
  expect(await store.db.damaged.count()).toBe(0)
  for (const [table, rows] of Object.entries(tables)) {
    if (table === 'changes') continue
    const now = loaded.tables[table as keyof typeof loaded.tables] as { id: string }[]
    const plain = now.map(({ leftSince: _, ...row }: Record<string, unknown>) => row)
    const byId = (a: Record<string, unknown>, b: Record<string, unknown>) =>
      String(a.id).localeCompare(String(b.id))
    const before = rows.map(({ leftSince: _, ...row }) => row)
    expect([table, plain.sort(byId)]).toEqual([table, before.sort(byId)])
  }
  const project = await storedProject(store)
  expect(readProject(JSON.parse(JSON.stringify(project))).ok).toBe(true)
  expect(project).toMatchObject({
    mine: 1,
    shelf: [{ leftMl: 11.5, leftSince: expect.any(String) }],
  })
  store.db.close()
})

it('what was changed before can still be taken back, and fills the bottle once', async () => {
  const { store } = await opened(4, 'undone')
  expect(await undo(store)).toMatchObject({
    ok: true,
    label: expect.stringContaining('Drew from Slate'),
  })
  const { shelf, acts } = await storedProject(store)
  expect(shelf?.[0]?.leftMl).toBe(13)
  expect(acts?.filter(({ kind }) => kind === 'undone')).toHaveLength(2)
  store.db.close()
})
