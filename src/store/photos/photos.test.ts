import { BlobReader, BlobWriter, ZipWriter } from '@zip.js/zip.js'
import type { Picture } from '@/core/model/picture'
import { bringBack } from '../actions/copies'
import { dropCopy } from '../actions/copiesHere'
import { damagedRows, dropDamaged } from '../actions/damaged'
import { forgetChanges, wipe } from '../actions/documents'
import { addPictures, pictureIds, removePicture } from '../actions/pictures'
import { copiesIn, keepCopy } from '../copies/copies'
import { packed as packedText } from '../copies/packed'
import { exportProject } from '../documents'
import { handOver } from '../handed'
import { loadRows } from '../rows/loadRows'
import type { Store } from '../store'
import { folderOf } from '../tests/folders'
import { NOW, testStore } from '../tests/stores'
import { undo } from '../undo'
import { openArchive, packed } from './archive'
import { photoOf, sweepPhotos } from './photos'
import { fullWords, roomWords } from './room'

const row = (id: string): Picture => ({
  id,
  name: `Hull ${id}`,
  at: '2026-03-14T19:00:00Z',
  kind: 'model',
  width: 40,
  height: 30,
})
const photo = (id: string) => ({
  id,
  photo: new Blob([`photo of ${id}`.repeat(200)], { type: 'image/jpeg' }),
  thumb: new Blob([`small ${id}`], { type: 'image/jpeg' }),
})
const both = (...ids: string[]) => ids.map((id) => ({ row: row(id), photo: photo(id) }))

let n = 0
let store: Store
/** The same, a day later. */
let later: Store
beforeEach(() => {
  store = testStore(`photos ${++n}`)
  later = { ...store, now: () => NOW + 24 * 60 * 60_000 }
})
afterEach(() => store.db.close())

const textOf = async (blob: Blob | null) => (blob ? await blob.text() : null)

test('a picture is kept beside the rows: the project names it and never carries it', async () => {
  expect(await addPictures(store, both('a', 'b'))).toMatchObject({ ok: true, undo: true })
  expect(await textOf(await photoOf(store, 'a'))).toBe('photo of a'.repeat(200))
  expect(await textOf(await photoOf(store, 'b', 'thumbs'))).toBe('small b')
  const text = await exportProject(store)
  expect(JSON.parse(text).pictures).toEqual([row('a'), row('b')])
  expect(text).not.toContain('photo of')
})

test('a row that can’t be read keeps no picture', async () => {
  const bad = both('a').map((one) => ({ ...one, row: { ...one.row, width: -1 } }))
  expect(await addPictures(store, bad)).toMatchObject({ ok: false })
  expect(await photoOf(store, 'a')).toBeNull()
})

test('a removed picture comes back, until it can’t be taken back any more', async () => {
  await addPictures(store, both('a', 'b'))
  await removePicture(store, 'a', 'Hull a')
  expect(await sweepPhotos(later)).toBe(0)
  await undo(store)
  expect(await store.db.pictures.get('a')).toEqual(row('a'))
  expect(await photoOf(store, 'a')).not.toBeNull()
  await removePicture(store, 'a', 'Hull a')
  await store.db.changes.clear()
  // Its row may still be written by another tab: what is young stays.
  expect(await sweepPhotos(store)).toBe(0)
  expect(await sweepPhotos(later)).toBe(1)
  expect(await photoOf(store, 'a')).toBeNull()
  expect(await photoOf(store, 'a', 'thumbs')).toBeNull()
  expect(await photoOf(store, 'b')).not.toBeNull()
})

test('whoever wipes everything and forgets it leaves no picture behind', async () => {
  await addPictures(store, both('a', 'b'))
  await removePicture(store, 'a', 'Hull a')
  await forgetChanges(store)
  expect(await photoOf(store, 'a')).toBeNull()
  expect(await photoOf(store, 'b', 'thumbs')).not.toBeNull()
})

test('what a copy would bring back has its pictures as long as the copy is there', async () => {
  const folder = folderOf()
  await addPictures(store, both('a', 'b'))
  const name = (await keepCopy(store, folder, 'wipe')) ?? ''
  await wipe(store)
  await addPictures(store, both('c'))
  await removePicture(store, 'c', 'Hull c')
  await store.db.changes.clear()
  expect(await sweepPhotos(later, undefined, folder)).toBe(1)
  expect(await photoOf(store, 'c')).toBeNull()
  await bringBack(store, name, folder)
  expect(await pictureIds(store)).toEqual(['a', 'b'])
  expect(await textOf(await photoOf(store, 'a'))).toBe('photo of a'.repeat(200))
  await wipe(store)
  await store.db.changes.clear()
  await dropCopy(later, name, folder)
  expect(await copiesIn(folder)).toEqual([])
  expect(await photoOf(store, 'a')).toBeNull()
})

test('while a copy can’t be read nothing goes that it might name', async () => {
  const folder = folderOf()
  await addPictures(store, both('a'))
  const name = (await keepCopy(store, folder, 'wipe')) ?? ''
  const copy = await folder.read(name)
  await removePicture(store, 'a', 'Hull a')
  await store.db.changes.clear()
  const nameless = await packedText(JSON.stringify({ pictures: [null] }))
  for (const content of [new Blob(['words']), nameless, copy]) {
    folder.files.set(name, content)
    expect(await sweepPhotos(later, undefined, folder)).toBe(0)
  }
  await dropCopy(later, name, folder)
  expect(await photoOf(store, 'a')).toBeNull()
})

test('where the room is short, pictures that only a copy names go', async () => {
  const folder = folderOf()
  await addPictures(store, both('a'))
  await keepCopy(store, folder, 'asked')
  await removePicture(store, 'a', 'Hull a')
  await store.db.changes.clear()
  expect(await sweepPhotos(later, undefined, folder)).toBe(0)
  const storage = { estimate: async () => ({ usage: 26_000_000, quota: 26_000_000 }) }
  Object.defineProperty(globalThis, 'navigator', { value: { storage }, configurable: true })
  expect(await sweepPhotos(later, undefined, folder)).toBe(1)
  Reflect.deleteProperty(globalThis, 'navigator')
})

test('the picture of a row that couldn’t be read stays until the row is thrown away', async () => {
  await addPictures(store, both('a'))
  await store.db.changes.clear()
  await store.db.pictures.put({ ...row('a'), width: -1 })
  await loadRows(later)
  expect(await store.db.pictures.count()).toBe(0)
  expect(await sweepPhotos(later)).toBe(0)
  const [damaged] = await damagedRows(store)
  if (!damaged) throw new Error('nothing lies apart')
  await dropDamaged(store, damaged)
  expect(await sweepPhotos(later)).toBe(1)
})

test('an archive has the pictures byte for byte', async () => {
  await addPictures(store, both('a', 'b'))
  const told: number[] = []
  const { file, unread } = await packed(
    (id) => photoOf(store, id),
    await handOver(store),
    [...(await pictureIds(store)), 'gone'],
    (done) => told.push(done),
  )
  expect(told).toEqual([1, 2, 3])
  expect(unread).toEqual([])
  const archive = await openArchive(file)
  expect(JSON.parse(archive.project ?? '').pictures).toEqual([row('a'), row('b')])
  expect([...archive.photos.keys()]).toEqual(['a', 'b'])
  expect(await textOf((await archive.photos.get('b')?.()) ?? null)).toBe('photo of b'.repeat(200))
  await archive.close()
})

test('an archive is made without a picture that can’t be read, and says so', async () => {
  const rotten = () => Promise.reject(new DOMException('gone', 'NotReadableError'))
  const photos: Record<string, () => Promise<Blob>> = {
    a: async () => new Blob(['photo of a']),
    b: rotten,
    c: async () => Object.assign(new Blob(['half of it']), { arrayBuffer: rotten }),
    d: async () => new Blob(['photo of d']),
  }
  const one = (id: string) => (photos[id] as () => Promise<Blob>)()
  const { file, unread } = await packed(one, '{}', Object.keys(photos))
  expect(unread).toEqual(['b', 'c'])
  const archive = await openArchive(file)
  expect([...archive.photos.keys()]).toEqual(['a', 'd'])
  expect(await textOf((await archive.photos.get('d')?.()) ?? null)).toBe('photo of d')
  await archive.close()
})

test('a picture that swells when it is unpacked is refused before it is', async () => {
  const zip = new ZipWriter(new BlobWriter('application/zip'), { useWebWorkers: false })
  await zip.add('photos/a.jpg', new BlobReader(new Blob([new Uint8Array(61_000_000)])))
  const file = await zip.close()
  expect(file.size).toBeLessThan(1_000_000)
  await expect(openArchive(file)).rejects.toThrow(/photos\/a\.jpg has 61 MB unpacked: at most 60/)
})

test('what is no archive is told', async () => {
  await expect(openArchive(new Blob(['PK but nothing else']))).rejects.toThrow(/no archive/)
})

test('the room is told before it is short and when it is full', () => {
  expect(roomWords(null)).toBeNull()
  expect(roomWords({ used: 0, most: 10_000_000_000 })).toBeNull()
  expect(roomWords({ used: 0, most: 26_000_000 })).toMatch(/about 10 more pictures/)
  expect(roomWords({ used: 26_000_000, most: 26_000_000 })).toMatch(/no room for another/)
  expect(fullWords({ name: 'AbortError', inner: { name: 'QuotaExceededError' } })).toMatch(/full/)
  expect(fullWords(new Error('else'))).toBeNull()
})
