import { addBuild, removeBuild } from './actions/builds'
import { forgetChanges, wipe } from './actions/documents'
import { addTool } from './actions/shelf'
import { handOver } from './handed'
import { keepBench, keptBench } from './keptBench'
import { keepPlan } from './keptPlan'
import type { Store } from './store'
import { BUILD, testStore } from './tests/stores'

let n = 0
const TEXT = ' '.repeat(1_000_000)
const tool = (id: string) => ({ id, kind: 'brush' as const, name: `Brush ${id}` })

/** A store with a build in it, and the write that put it there. */
async function begun() {
  const store = testStore(`kept bench ${++n}`)
  await addBuild(store, BUILD)
  const last = await store.db.feed.orderBy('seq').last()
  return { store, seq: last?.seq as number }
}

describe('the documents as they were kept last', () => {
  it('come with every row that was written since', async () => {
    const { store, seq } = await begun()
    await keepBench(store, { text: TEXT, seq })
    expect(await keptBench(store)).toEqual({ text: TEXT, seq, writes: [] })
    await addTool(store, tool('r'))
    await removeBuild(store, BUILD.id)
    expect(await keptBench(store)).toEqual({
      text: TEXT,
      seq: seq + 2,
      writes: [
        { table: 'tools', id: 'r', row: tool('r') },
        { table: 'builds', id: BUILD.id, row: null },
      ],
    })
  })

  const unkept: [string, (store: Store, seq: number) => Promise<unknown>][] = [
    ['nothing was', async () => undefined],
    ['their rows are as quickly read', (store, seq) => keepBench(store, { text: '{}', seq })],
    [
      'other rows were put there meanwhile, and the list of writes emptied',
      async (store, seq) => {
        await store.db.feed.clear()
        await addTool(store, tool('r'))
        await keepBench(store, { text: TEXT, seq })
      },
    ],
    [
      'that list was emptied later',
      async (store, seq) => {
        await keepBench(store, { text: TEXT, seq })
        await store.db.feed.clear()
        await addTool(store, tool('r'))
      },
    ],
    [
      'they are further behind than is told of',
      async (store, seq) => {
        await keepBench(store, { text: TEXT, seq })
        await store.db.feed.add({ seq: seq + 250, writes: [] })
        await addTool(store, tool('r'))
      },
    ],
    [
      'a write in between is missing',
      async (store, seq) => {
        await keepBench(store, { text: TEXT, seq })
        await store.db.feed.add({ seq: seq + 2, writes: [] })
      },
    ],
    [
      'so much was written at once that it isn’t told row by row',
      async (store, seq) => {
        await keepBench(store, { text: TEXT, seq })
        await store.db.feed.add({ writes: null })
      },
    ],
    [
      'another build of the application kept them',
      (store, seq) =>
        store.db.kept.put({ id: 'bench', value: { text: TEXT, seq, built: 'yesterday' } }),
    ],
  ]
  test.each(unkept)('aren’t taken where %s', async (_, keep) => {
    const { store, seq } = await begun()
    await keep(store, seq)
    expect(await keptBench(store)).toBeNull()
  })

  it('give way where the bench is small again', async () => {
    const { store, seq } = await begun()
    await keepBench(store, { text: TEXT, seq })
    await keepBench(store, { text: '{}', seq })
    expect(await store.db.kept.count()).toBe(0)
  })

  it('are gone with all else that tells of a bench which was wiped and forgotten', async () => {
    const { store, seq } = await begun()
    await keepBench(store, { text: TEXT, seq })
    await keepPlan(store, { fingerprint: 'f', plan: {} })
    await handOver(store)
    await store.db.kept.put({ id: 'backup-file', value: {} })
    // A tab that is behind reads anew, and nothing is counted from nought again.
    await forgetChanges(store)
    // What is still there isn't forgotten: only what was written of it.
    expect(await store.db.kept.count()).toBe(4)
    expect(await store.db.feed.toArray()).toEqual([{ seq, writes: null }])
    await wipe(store)
    await forgetChanges(store)
    const left = await store.db.kept.toCollection().primaryKeys()
    expect(left).toEqual(['backup-file'])
  })
})
