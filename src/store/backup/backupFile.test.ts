import { addBuild, removeBuild } from '../actions/builds'
import { addBottles } from '../actions/shelf'
import { lastExport, rememberExport } from '../exportedAt'
import type { Store } from '../store'
import { BUILD, testStore } from '../tests/stores'
import { type BackupRows, type BackupTarget, beginBackup, writeBackup } from './backupFile'
import { backupOf, endBackup, everything, keepBackupState } from './backupRows'

/** A file in memory; what is stored is its name alone, as a browser stores a handle. */
function files() {
  const disk = new Map<string, string>()
  const is = { allowed: true, broken: false }
  const of = (name: string): BackupTarget => ({
    name,
    isAllowed: async () => is.allowed,
    write: async (text) => {
      if (is.broken) throw new Error('No room')
      disk.set(name, text)
    },
  })
  return { disk, is, of, project: () => JSON.parse(disk.get('mine.json') ?? 'null') }
}

const rows = (store: Store): BackupRows => ({
  of: () => backupOf(store),
  keep: (state) => keepBackupState(store, state),
  everything: () => everything(store),
  exported: () => rememberExport(store),
})

let n = 0
async function begun(): Promise<ReturnType<typeof files> & { store: Store }> {
  const store = testStore(`backup ${++n}`)
  const all = files()
  await addBuild(store, BUILD)
  const choose = async (text: string) => {
    await all.of('mine.json').write(text)
    return 'mine.json'
  }
  await beginBackup(rows(store), choose, all.of)
  return { store, ...all }
}

it('the file has everything at once, and what is written later', async () => {
  const { store, of, project } = await begun()
  expect(project().builds).toMatchObject([{ id: 'b' }])
  await addBuild(store, { ...BUILD, id: 'c' })
  expect(await writeBackup(rows(store), of)).toMatchObject({ waits: 'no', rows: 2 })
  expect(project().builds).toHaveLength(2)
  expect((await lastExport(store))?.at).toBeGreaterThan(0)
})

it('nothing is written without leave, and it says what it waits for', async () => {
  const { store, of, is, project } = await begun()
  is.allowed = false
  await addBuild(store, { ...BUILD, id: 'c' })
  expect(await writeBackup(rows(store), of)).toMatchObject({ waits: 'leave' })
  expect(project().builds).toHaveLength(1)
  is.allowed = true
  expect(await writeBackup(rows(store), of, true)).toMatchObject({ waits: 'no' })
  expect(project().builds).toHaveLength(2)
})

it('a bench that lost most of its rows doesn’t take the place of what the file has, until it is meant', async () => {
  const { store, of, project } = await begun()
  const bottle = { name: 'Sand', family: 'enamel', role: 'colour', sizeMl: 14, leftMl: 7 } as const
  await addBottles(
    store,
    [1, 2, 3].map(() => ({ ...bottle, id: '' })),
  )
  await writeBackup(rows(store), of)
  await store.db.shelf.clear()
  await removeBuild(store, 'b')
  expect(await writeBackup(rows(store), of)).toMatchObject({ waits: 'word' })
  expect(project().builds).toHaveLength(1)
  expect(await writeBackup(rows(store), of, true)).toMatchObject({ waits: 'no', rows: 0 })
  expect(project().builds).toHaveLength(0)
})

it('a file that can’t be written is told, and the last one is still known', async () => {
  const { store, of, is } = await begun()
  const before = await backupOf(store)
  is.broken = true
  expect(await writeBackup(rows(store), of)).toMatchObject({ waits: 'failed', at: before?.at })
})

it('without a file nothing happens', async () => {
  const { store, of, disk } = await begun()
  await endBackup(store)
  disk.clear()
  expect(await writeBackup(rows(store), of)).toBeNull()
  expect(disk.size).toBe(0)
})
