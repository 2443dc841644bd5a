import type { Variant } from '@/core/model/panel'
import { BUILD, rowsOf, testStore } from '../tests/stores'
import { undo } from '../undo'
import { keepVariant, MOST_VARIANTS, removeVariant } from './bench'
import { addBuild, removeBuild } from './builds'

const store = testStore('variants')
const variant = (id: string, more: Partial<Variant> = {}): Variant => ({
  id,
  name: id,
  build: 'b',
  part: 'p',
  ...more,
})
const kept = async () => ((await rowsOf(store, 'panels')) as Variant[]).map(({ id }) => id)

beforeEach(async () => {
  await Promise.all(store.db.tables.map((table) => table.clear()))
  await addBuild(store, BUILD)
})
afterAll(() => store.db.close())

test('a variant is kept, removed and brought back', async () => {
  await keepVariant(store, variant('one'), 'Pinned')
  expect(await kept()).toEqual(['one'])
  await removeVariant(store, 'one', 'Removed')
  expect(await kept()).toEqual([])
  await undo(store)
  expect(await kept()).toEqual(['one'])
})

test('one more than there may be is refused; those of another part or technique do not count', async () => {
  for (let n = 0; n < MOST_VARIANTS; n++) await keepVariant(store, variant(`v${n}`), 'Pinned')
  expect(await keepVariant(store, variant('more'), 'Pinned')).toMatchObject({
    ok: false,
    why: expect.stringContaining('remove one first'),
  })
  for (const other of [
    variant('elsewhere', { part: 'q' }),
    { id: 'technique', technique: 'streaks' },
  ])
    expect(await keepVariant(store, other, 'Pinned')).toMatchObject({ ok: true })
  expect(await kept()).toHaveLength(MOST_VARIANTS + 2)
})

test('the variants of a build go with it, and come back with it', async () => {
  await keepVariant(store, variant('one'), 'Pinned')
  await keepVariant(store, { id: 'technique', technique: 'streaks' }, 'Pinned')
  await removeBuild(store, 'b')
  expect(await kept()).toEqual(['technique'])
  await undo(store)
  expect((await kept()).sort()).toEqual(['one', 'technique'])
})
