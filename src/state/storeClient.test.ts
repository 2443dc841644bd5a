import { note } from '@/store/actions/acts'
import { addBuild } from '@/store/actions/builds'
import type { Store } from '@/store/store'
import { BUILD, storedActs, testStore } from '@/store/tests/stores'
import { storeDesk } from '@/workers/storeDesk'
import type { StoreClient } from './storeClient'
import { nearStore } from './tests/nearStore'
import { until } from './tests/until'

let n = 0
const begun = (tab = 'a', database = `client ${++n}`) => {
  const store = testStore(database, tab)
  return { store, database, ...nearStore(store) }
}
const say = (store: StoreClient, text: string) => store.ask('note', text, {}, text)
const texts = async (store: Store) => (await storedActs(store)).map(({ text }) => text)
const back = (store: StoreClient) => store.watched('turnsOf').get()?.answer?.back

/** Locks of this thread, as a browser has them between a page and its workers. */
function locks() {
  const waiting = new Map<string, (() => void)[]>()
  const taken = new Set<string>()
  const take = (name: string, work: () => unknown) => {
    taken.add(name)
    return Promise.resolve(work())
  }
  return {
    request: async (name: string, work: () => unknown) => {
      if (taken.has(name))
        await new Promise<void>((go) => waiting.set(name, [...(waiting.get(name) ?? []), go]))
      return take(name, work)
    },
    /** Whoever held a lock has died. */
    release: () => {
      for (const go of [...waiting.values()].flat()) go()
      waiting.clear()
    },
  }
}

describe('the store as a page has it', () => {
  it('is asked by name, by the page’s clock and for its tab', async () => {
    const { store, client } = begun()
    expect(await client.ask('addBuild', BUILD)).toMatchObject({ ok: true })
    expect(await say(client, 'Dry')).toEqual({ ok: true, label: 'Dry', undo: true })
    const [act] = await storedActs(store)
    expect(Date.parse(act?.at ?? '')).toBeLessThan(store.now())
    expect((await store.db.changes.toArray()).map(({ by }) => by)).toEqual(['a', 'a'])
    expect(await client.ask('rowNow', 'builds', 'b')).toEqual(BUILD)
  })

  it('tells what an answer is now, whichever tab wrote, and asks once however many look', async () => {
    const { client, database } = begun()
    const other = testStore(database, 'b')
    const seen = client.watched('turnsOf')
    expect(client.watched('turnsOf')).toBe(seen)
    await until(() => seen.get() !== null)
    expect(seen.get()).toEqual({ answer: { back: null, again: null }, failed: null })
    await say(client, 'Here')
    await until(() => back(client) === 'Here')
    await note(other, 'There', {}, 'There')
    await client.ask('undo')
    await until(() => back(client) === 'There')
  })

  it('tells why nobody can say', async () => {
    const store = testStore(`client ${++n}`)
    const newer = async () => {
      throw new Error('it was written by a newer Tectoria')
    }
    const { client } = nearStore(store, store.now, () => storeDesk(() => store, newer))
    await expect(client.ask('isEmpty')).rejects.toThrow('newer Tectoria')
    const seen = client.watched('newest')
    await until(() => seen.get() !== null)
    expect(seen.get()).toEqual({ answer: null, failed: 'it was written by a newer Tectoria' })
  })

  it('a worker that fails is followed by one that hears of all that is watched', async () => {
    const { store, client, begun: workers } = begun()
    await addBuild(store, BUILD)
    await until(() => client.watched('newest').get()?.answer === 1)
    workers().at(-1)?.fail('out of memory')
    await say(client, 'After it')
    await until(() => client.watched('newest').get()?.answer === 2)
    expect(workers()).toHaveLength(2)
    expect(await texts(store)).toEqual(['After it'])
  })

  it('one that fails again and again is begun no more, and whoever asks is told', async () => {
    const store = testStore(`client ${++n}`)
    let late: (now: 'here') => unknown = () => undefined
    const { client, begun: workers } = nearStore(store, store.now, () => ({
      ...storeDesk(() => store),
      open: (_by, stands) => {
        late = stands
        return new Promise<never>(() => undefined)
      },
    }))
    client.watched('newest')
    for (let i = 0; i < 3; i++) {
      await until(() => workers().length === i + 1)
      workers().at(-1)?.fail('no')
    }
    await expect(say(client, 'Lost')).rejects.toThrow('load the page anew')
    expect(workers()).toHaveLength(3)
    // What is shown grows old from here on, and says so.
    await until(() => client.standing.get() === 'failed')
    await late('here')
    expect(client.standing.get()).toBe('failed')
  })

  it('one that ends without a word is heard of, and what was asked of it isn’t waited for', async () => {
    const held = locks()
    Object.defineProperty(globalThis, 'navigator', { configurable: true, value: { locks: held } })
    const { client, begun: workers } = begun()
    await client.ask('isEmpty')
    const stalls = client.ask('copyText', 'never')
    stalls.catch(() => undefined)
    held.release()
    await until(() => workers()[0]?.ended === true)
    expect(await client.ask('isEmpty')).toBe(true)
    expect(workers()).toHaveLength(2)
    Object.defineProperty(globalThis, 'navigator', { configurable: true, value: undefined })
  })

  it('says how it stands to the database, and writes nothing once another has it', async () => {
    const { client, database } = begun()
    await client.ask('isEmpty')
    expect(client.standing.get()).toBe('here')
    await new Promise((resolve) => {
      indexedDB.deleteDatabase(database).onsuccess = resolve
    })
    expect(client.standing.get()).toBe('gone')
    expect(await say(client, 'Too late')).toMatchObject({ ok: false })
  })
})
