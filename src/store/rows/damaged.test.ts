import { readProject } from '@/core/formats/projectFile'
import { damagedRows, dropDamaged, mendDamaged } from '../actions/damaged'
import { exportProject, exportRaw } from '../documents'
import { DATA_TABLES } from '../tables'
import { BUILD, testStore } from '../tests/stores'
import { loadRows } from './loadRows'
import { readRow } from './readRow'

const store = testStore('damaged')
beforeEach(() => Promise.all(store.db.tables.map((table) => table.clear())))
afterAll(() => store.db.close())

/** One damaged row of every table, and what is told of it. */
const DAMAGED: Record<string, { row: { id: string } & Record<string, unknown>; path: string }> = {
  builds: { row: { ...BUILD, id: 'x', parts: 'none' }, path: 'parts' },
  shelf: {
    row: { id: 'x', name: 'Half \udc00', family: 'oil', role: 'oil', sizeMl: 2, leftMl: 1 },
    path: 'name',
  },
  mixes: { row: { id: 'x', name: 'M', at: 'once', ingredients: [], volumeMl: 1 }, path: 'at' },
  acts: { row: { id: 'x', at: '2026-03-01T10:00:00Z', kind: 'flown' }, path: 'kind' },
  climate: {
    row: { id: 'x', at: '2026-03-01T10:00:00Z', celsius: 'warm', humidity: 4 },
    path: 'celsius',
  },
  panels: { row: { id: 'not an id!' }, path: 'id' },
  corrections: { row: { id: 'x', family: 'lacquer', factor: 99 }, path: 'factor' },
  techniques: { row: { id: 'x', name: 'T', steps: [] }, path: 'steps' },
  pins: {
    row: { id: 'b/p/s', from: '2026-03-02T10:00:00Z', to: '2026-03-01T10:00:00Z' },
    path: '',
  },
  timers: {
    row: { id: 'x', kind: 'egg', name: 'T', startedAt: '2026-03-01T10:00:00Z', minutes: 3 },
    path: 'kind',
  },
  tools: { row: { id: 'x', kind: 'needle', name: '' }, path: 'name' },
  meshes: { row: { id: 'x', name: 'hull.stl', triangles: 0 }, path: 'triangles' },
  pictures: {
    row: {
      ...{ id: 'x', name: 'P', at: '2026-03-01T10:00:00Z', kind: 'model', width: 4, height: 3 },
      pins: [{ id: 'p', at: [0.5, 7], effect: 'rust', state: 'wanted' }],
    },
    path: 'pins[0].at[1]',
  },
  tests: {
    row: { id: 'x', name: 'T', at: '2026-03-01T10:00:00Z', on: 'wall', areaCm2: 4, tried: [] },
    path: 'on',
  },
  accidents: {
    row: { id: 'x', name: 'A', at: '2026-03-01T10:00:00Z', build: 'b', part: 'p', steps: [] },
    path: 'steps',
  },
  single: {
    row: { id: 'sessions', value: { zone: 'Nowhere/Land', pattern: [] } },
    path: 'value.zone',
  },
}

it('there is a damaged row of every table below', () => {
  expect(Object.keys(DAMAGED).sort()).toEqual([...DATA_TABLES].sort())
})

test.each(Object.entries(DAMAGED))(
  'a damaged row of %s is put apart and told, and everything else works',
  async (table, { row, path }) => {
    await store.db.builds.put(BUILD)
    await store.db.table(table).put(row)
    const { tables } = await loadRows(store)
    expect(tables.builds.map(({ id }) => id)).toEqual(['b'])
    const [damaged] = await store.db.damaged.toArray()
    expect(damaged).toMatchObject({ table, row })
    expect(damaged?.problems[0]).toMatchObject({
      path,
      found: expect.any(String),
      expected: expect.any(String),
    })
    expect(await store.db.table(table).get(row.id)).toBeUndefined()
    expect(readProject(JSON.parse(await exportProject(store))).ok).toBe(true)
    expect(JSON.parse(await exportRaw(store)).tables.damaged[0].row).toEqual(row)
  },
)

test.each([
  {
    why: 'an act without the family it must say',
    row: { ...BUILD, id: 'x', steps: [{ id: 's', parts: ['p'], do: 'base' }] },
    path: 'steps[0].family',
  },
  {
    why: 'an id twice',
    row: { ...BUILD, id: 'x', parts: [...BUILD.parts, ...BUILD.parts] },
    path: 'parts[2].id',
  },
  {
    why: 'a part that isn’t there',
    row: { ...BUILD, id: 'x', steps: [{ id: 's', parts: ['z'], do: 'prime' }] },
    path: 'steps[0].parts[0]',
  },
])('a build that nothing can be reckoned of lies apart: $why', async ({ row, path }) => {
  await store.db.builds.bulkPut([BUILD, row as never])
  const { tables } = await loadRows(store)
  expect(tables.builds).toEqual([BUILD])
  const [damaged] = await store.db.damaged.toArray()
  expect(damaged?.problems[0]).toMatchObject({ path })
  expect(readRow('builds', row)).toMatchObject({ ok: false })
})

it('a step that makes no sense and can be reckoned stays', async () => {
  const swabbed = { id: 's', parts: ['p'], do: 'base', family: 'lacquer', tool: 'swab' }
  const build = { ...BUILD, steps: [swabbed] }
  await store.db.builds.put(build as never)
  expect((await loadRows(store)).tables.builds).toEqual([build])
})

it('a row with broken text is mended, one that says nonsense can be thrown away', async () => {
  await store.db.table('shelf').put(DAMAGED.shelf?.row)
  await store.db.table('acts').put(DAMAGED.acts?.row)
  await loadRows(store)
  const rows = await damagedRows(store)
  const [act, bottle] = rows.sort((a, b) => a.table.localeCompare(b.table))
  if (!act || !bottle) throw new Error('two rows were damaged')
  expect(await mendDamaged(store, bottle, bottle.mended)).toMatchObject({ ok: true })
  expect(await store.db.shelf.get('x')).toMatchObject({ name: 'Half \ufffd' })
  expect(act.mended).toBeNull()
  expect(await mendDamaged(store, act, act.row)).toMatchObject({
    ok: false,
    why: expect.stringMatching(/found .*, expected /),
  })
  await dropDamaged(store, act)
  expect(await store.db.damaged.count()).toBe(0)
})

it('a row mended by hand goes back, unless one of its id is there', async () => {
  await store.db.table('acts').put(DAMAGED.acts?.row)
  await loadRows(store)
  const [damaged] = await store.db.damaged.toArray()
  if (!damaged) throw new Error('a row was damaged')
  const mended = { id: 'x', at: '2026-03-01T10:00:00Z', kind: 'noted', text: 'by hand' }
  await store.db.acts.put({ ...mended, kind: 'noted', text: 'another' })
  expect(await mendDamaged(store, damaged, mended)).toMatchObject({ ok: false })
  await store.db.acts.delete('x')
  expect(await mendDamaged(store, damaged, mended)).toMatchObject({ ok: true, undo: false })
  expect(await store.db.acts.get('x')).toEqual(mended)
  expect(await store.db.damaged.count()).toBe(0)
})

test.each([
  ['its name', { id: 'a', name: 'Half \udc00' }, 'name', '"Half \ufffd"'],
  [
    'deep in a list',
    { id: 'a', steps: [{}, { note: { text: 'x \ud83d' } }] },
    'steps[1].note.text',
    '"x \ufffd"',
  ],
  [
    'the first of two',
    { id: 'a', tags: ['whole', '\ud83d'], name: '\ud83d' },
    'tags[1]',
    '"\ufffd"',
  ],
])('half a character is told by where it stands: %s', (_, row, path, found) => {
  const expected = 'text of whole characters'
  expect(readRow('shelf', row)).toEqual({ ok: false, problems: [{ path, found, expected }] })
})
