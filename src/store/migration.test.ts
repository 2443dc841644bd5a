import 'fake-indexeddb/auto'
import Dexie from 'dexie'

/** The tables of version 1, as browsers have them. */
const VERSION_1 = {
  builds: 'id',
  shelf: 'id',
  mixes: 'id',
  acts: 'id, at',
  climate: 'id, at',
  panels: 'id',
  corrections: 'id',
  single: 'id',
  changes: '++seq',
}

it('a browser of version 1 keeps everything, and has room for techniques', async () => {
  const old = new Dexie('tectoria')
  old.version(1).stores(VERSION_1)
  await old.open()
  const build = {
    id: 'b',
    name: 'Skiff',
    parts: [{ id: 'p', name: 'Hull', substrate: 'abs' }],
    steps: [],
  }
  await old.table('builds').put(build)
  await old.table('acts').put({ id: 'a', at: '2026-03-17T18:25:00Z', kind: 'noted', text: 'kept' })
  await old.table('changes').add({ at: 0, label: 'Started', rows: [] })
  old.close()

  const { db } = await import('./db')
  const { loadProject } = await import('./project')
  const project = await loadProject()
  expect(db.verno).toBe(4)
  expect(project.builds).toEqual([build])
  expect(project.acts?.[0]?.text).toBe('kept')
  expect(project.techniques).toEqual([])
  expect(project.pins).toEqual([])
  expect(project.timers).toEqual([])
  expect(project.tools).toEqual([])
  expect(await db.changes.count()).toBe(1)
  await db.techniques.put({ id: 't', name: 'Mine', steps: [{ do: 'mud' }] })
  expect((await loadProject()).techniques).toHaveLength(1)
  db.close()
})
