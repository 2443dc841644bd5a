import type { Project } from '@/core/model/project'
import { PROJECT_FORMAT, PROJECT_VERSION } from '@/core/model/projectFormat'
import { applyRows } from '@/core/model/projectRows'
import { logAct } from '@/store/actions/acts'
import { setSessions } from '@/store/actions/bench'
import { addBuild, editBuild } from '@/store/actions/builds'
import { importProject, wipe } from '@/store/actions/documents'
import { removeTool } from '@/store/actions/shelf'
import { keepBench } from '@/store/keptBench'
import type { Store } from '@/store/store'
import { BUILD, storedProject, testStore } from '@/store/tests/stores'
import { undo } from '@/store/undo'
import { documentsOf } from './documents'
import { nearStore } from './tests/nearStore'
import { until } from './tests/until'

/** A bench whose text is worth keeping: its notes make it long. */
const YEARS: Project = {
  format: PROJECT_FORMAT,
  version: PROJECT_VERSION,
  builds: [BUILD],
  tools: ['k', 'l'].map((id) => ({ id, kind: 'brush' as const, name: `Brush ${id}` })),
  acts: Array.from({ length: 1200 }, (_, i) => ({
    id: `n${i}`,
    at: new Date(Date.UTC(2026, 1, 10, 0, 1200 - i)).toISOString(),
    kind: 'noted',
    text: 'dry '.repeat(250),
  })),
}
const REF = { build: 'b', part: 'p', step: 's' }
let n = 0

/** Two tabs over a database of their own, and the documents that the first one reads. */
function tabs() {
  const database = `documents ${++n}`
  const [here, there] = [testStore(database, 'a'), testStore(database, 'b')]
  const documents = documentsOf(nearStore(here).client)
  const told: (readonly unknown[] | null)[] = []
  documents.onWrites((writes) => told.push(writes))
  return { here, there, documents, told }
}

const coat = (store: Store, number: number) =>
  logAct(store, REF, { kind: 'coat-done' }, { coat: number }, 'Hull: prime, coat done')

describe('the documents', () => {
  it('are read once, and carried on from write to write of either tab', async () => {
    const { here, there, documents, told } = tabs()
    await addBuild(here, BUILD)
    const end = documents.start()
    await until(() => documents.stock.get() !== null)
    await coat(here, 1)
    await coat(there, 2)
    await until(() => documents.stock.get()?.project.acts?.length === 3)
    expect(told[0]).toBeNull()
    expect(told.slice(1).every((writes) => writes !== null)).toBe(true)
    const { acts, builds } = await storedProject(there)
    expect(documents.stock.get()?.memo.given).toMatchObject({ builds })
    expect(
      documents.stock
        .get()
        ?.project.acts?.map(({ id }) => id)
        .sort(),
    ).toEqual(acts?.map(({ id }) => id).sort())
    end()
  })

  it('keep what a write did not touch the very same', async () => {
    const { here, documents } = tabs()
    await addBuild(here, BUILD)
    const end = documents.start()
    await until(() => documents.stock.get() !== null)
    const before = documents.stock.get()?.project.builds?.[0]
    await coat(here, 1)
    await until(() => documents.stock.get()?.project.acts?.length === 1)
    expect(documents.stock.get()?.project.builds?.[0]).toBe(before)
    end()
  })

  test.each([
    {
      what: 'an edit',
      act: (there: Store) =>
        editBuild(there, 'b', { do: 'remove', targets: [{ step: 't' }], on: 'every' }, 'Taken out'),
    },
    { what: 'undo', act: (there: Store) => undo(there) },
    {
      what: 'an import',
      act: async (there: Store) =>
        importProject(
          there,
          { ...(await storedProject(there)), builds: [{ ...BUILD, name: 'Lugger' }] },
          'Imported',
        ),
    },
    { what: 'a wipe', act: (there: Store) => wipe(there) },
  ])('are the same as read anew after $what in another tab', async ({ act }) => {
    const { here, there, documents } = tabs()
    await addBuild(there, BUILD)
    const end = documents.start()
    await until(() => documents.stock.get() !== null)
    const seq = documents.seq()
    await act(there)
    await until(() => documents.seq() > seq)
    await until(() => documents.stock.get() !== null)
    expect(documents.stock.get()?.memo.given.builds).toEqual((await storedProject(here)).builds)
    end()
  })

  it('are read anew where so much was written that it isn’t told row by row, or was forgotten', async () => {
    const { here, documents, told } = tabs()
    await addBuild(here, BUILD)
    const end = documents.start()
    await until(() => documents.stock.get() !== null)
    await here.db.feed.add({ seq: documents.seq() + 5, writes: [] })
    await until(() => told.length === 2)
    expect(told).toEqual([null, null])
    await here.db.feed.add({ writes: null })
    await until(() => told.length === 3)
    expect(told[2]).toBeNull()
    end()
  })

  it('open with a damaged row put apart, and tell of it', async () => {
    const { here, documents } = tabs()
    await addBuild(here, BUILD)
    await here.db.table('shelf').put({ id: 'k', name: 7 })
    const end = documents.start()
    await until(() => documents.damaged.get().length > 0)
    expect(documents.stock.get()?.project.builds).toHaveLength(1)
    expect(documents.damaged.get()[0]).toMatchObject({ table: 'shelf', id: 'shelf k' })
    expect(documents.failure.get()).toBeNull()
    end()
  })

  it('say why they can’t be read', async () => {
    const { here, documents } = tabs()
    here.db.close()
    documents.start()
    await until(() => documents.failure.get() !== null)
    expect(documents.stock.get()).toBeNull()
    expect(documents.failure.get()).toMatch(/\w/)
  })

  it('are the same from a kept text and what was written since as from the rows, and as workers are told', async () => {
    const { here, there, documents, told } = tabs()
    await importProject(here, YEARS, 'Imported')
    const end = documents.start()
    await until(() => documents.stock.get() !== null)
    const read = documents.toKeep()
    if (!read) throw new Error('nothing to keep')
    await keepBench(here, read)
    end()
    for (const number of [1, 2]) await coat(there, number)
    await undo(there)
    await addBuild(there, { ...BUILD, id: 'a', name: 'Lugger' })
    await removeTool(there, { id: 'k', kind: 'brush', name: 'Brush k' })
    await setSessions(there, { zone: 'Europe/Lisbon', pattern: [] }, 'Evenings')

    const again = documentsOf(nearStore(testStore(here.db.name)).client)
    const rows = jest.spyOn(Object.getPrototypeOf(here.db.acts), 'toArray')
    const seen: unknown[] = []
    void again.wasRead().then(() => seen.push(again.stock.get(), again.asText().text))
    const ends = [again.start()]
    await until(() => again.stock.get() !== null)
    expect(rows).not.toHaveBeenCalled()
    rows.mockRestore()
    expect(again.seq()).toBe(read.seq + 6)
    expect(again.toKeep()).toBeNull()
    // Told to workers before this page reckons with it.
    expect(seen).toEqual([null, read.text])
    expect(told).toHaveLength(1)

    await here.db.kept.clear()
    const anew = documentsOf(nearStore(testStore(here.db.name)).client)
    ends.push(anew.start())
    await until(() => anew.stock.get() !== null)
    expect(again.stock.get()?.memo.given).toEqual(anew.stock.get()?.memo.given)

    const asText = again.asText()
    expect(asText.text).toBe(read.text)
    await coat(there, 2)
    await until(() => again.seq() > read.seq + 6)
    expect(again.asText().writes).toHaveLength(asText.writes.length + 2)
    const { text, writes } = again.asText()
    expect(
      applyRows(JSON.parse(text), writes)
        .acts?.map(({ id }) => id)
        .sort(),
    ).toEqual((await storedProject(here)).acts?.map(({ id }) => id).sort())
    for (const end of ends) end()
  })

  it('hear nothing more once they are ended', async () => {
    const { here, there, documents } = tabs()
    await addBuild(here, BUILD)
    const end = documents.start()
    await until(() => documents.stock.get() !== null)
    end()
    const before = documents.stock.get()
    await coat(there, 1)
    await new Promise((resolve) => setTimeout(resolve, 50))
    expect(documents.stock.get()).toBe(before)
  })
})
