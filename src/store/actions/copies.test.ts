import { copiesIn, keepCopy, keepDaily } from '../copies/copies'
import { packed } from '../copies/packed'
import { folderOf } from '../tests/folders'
import { BUILD, storedProject, testStore } from '../tests/stores'
import { undo } from '../undo'
import { bringBack } from './copies'
import { importProject, wipe } from './documents'

async function stocked(name: string) {
  const store = testStore(name)
  await importProject(
    store,
    { format: 'tectoria-project', version: 1, builds: [BUILD], mine: 7 } as never,
    'In',
  )
  return store
}

it('a copy is brought back as it was, and that is taken back', async () => {
  const [store, folder] = [await stocked('copies'), folderOf()]
  const before = await storedProject(store)
  const name = await keepCopy(store, folder, 'wipe')
  await wipe(store)
  await importProject(
    store,
    { format: 'tectoria-project', version: 1, builds: [{ ...BUILD, id: 'c' }] },
    'Another',
  )
  const other = await storedProject(store)
  expect(await bringBack(store, name ?? '', folder)).toMatchObject({ ok: true })
  expect(await storedProject(store)).toEqual(before)
  // What was there until then is a copy too.
  expect((await copiesIn(folder)).map(({ why }) => why).sort()).toEqual(['return', 'wipe'])
  await undo(store)
  expect(await storedProject(store)).toEqual(other)
})

it('an empty bench is no copy, and a day makes one', async () => {
  const folder = folderOf()
  expect(await keepCopy(testStore('empty'), folder, 'demo')).toBeNull()
  const store = await stocked('daily')
  await keepDaily(store, folder)
  await keepDaily(store, folder)
  expect((await copiesIn(folder)).map(({ why }) => why)).toEqual(['daily'])
})

it.each<[string, Blob, RegExp]>([
  ['is no copy', new Blob(['words']), /Nothing was brought back/],
  ['is of a newer version', new Blob([]), /newer Tectoria/],
])('a file that %s changes nothing', async (_, content, why) => {
  const store = await stocked('broken')
  const before = await storedProject(store)
  const folder = folderOf()
  const newer = JSON.stringify({ format: 'tectoria-project', version: 99 })
  folder.files.set('x', content.size > 0 ? content : await packed(newer))
  expect(await bringBack(store, 'x', folder)).toMatchObject({
    ok: false,
    why: expect.stringMatching(why),
  })
  expect(await bringBack(store, 'gone', folder)).toMatchObject({ ok: false })
  expect(await storedProject(store)).toEqual(before)
  expect(folder.files.size).toBe(1)
})

it('where there is no room the copy fails by itself, and is told', async () => {
  const store = await stocked('full')
  await expect(keepCopy(store, folderOf(true), 'wipe')).rejects.toThrow('no room')
})
