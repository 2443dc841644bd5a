import { editOfPart } from '@/core/model/edit'
import { setSessions } from '@/store/actions/bench'
import { addBuild } from '@/store/actions/builds'
import { addPictures } from '@/store/actions/pictures'
import { changeRow } from '@/store/actions/rows'
import { GONE } from '@/store/reason'
import { BUILD, storedProject, testStore } from '@/store/tests/stores'
import { changeOfNow, editOfNow, ofNow } from './ofNow'
import { nearStore } from './tests/nearStore'

let n = 0

/** A store with a build on it, and as two pages have it. */
async function begun() {
  const store = testStore(`of now ${++n}`)
  await addBuild(store, BUILD)
  const [here, there] = [nearStore(store).client, nearStore(testStore(`of now ${n}`, 'b')).client]
  return { store, here, there }
}
const found = (id: string) =>
  editOfPart('p', (part) => ({
    do: 'part',
    part: 'p',
    fields: { spots: [...(part.spots ?? []), { id, kind: 'seam' }] },
  }))

describe('what is reckoned from a row as it is now', () => {
  it.each([2, 4, 9])(
    'a list that %i taps add to in quick succession has them all',
    async (taps) => {
      const { store, here, there } = await begun()
      const ids = Array.from({ length: taps }, (_, i) => `s${i}`)
      const writing = ids.map((id, i) =>
        editOfNow(i % 2 ? there : here, 'b', found(id), 'Found: a seam'),
      )
      expect((await Promise.all(writing)).map(({ ok }) => ok)).toEqual(ids.map(() => true))
      const part = (await storedProject(store)).builds?.[0]?.parts[0]
      expect(part?.spots?.map(({ id }) => id).sort()).toEqual(ids)
    },
  )

  it('is reckoned anew where another wrote in between, and given up where one always does', async () => {
    const { store, here } = await begun()
    const rename = (name: string) => changeRow(store, 'builds', BUILD, { name }, 'Renamed')
    let times = 0
    const first = await ofNow(here, 'builds', 'b', async (now) => {
      if (++times === 1) await rename('Punt')
      return here.ask('changeRow', 'builds', now, { name: `${now.name}, large` }, 'Renamed')
    })
    expect(first).toMatchObject({ ok: true })
    expect(times).toBe(2)
    expect((await store.db.builds.get('b'))?.name).toBe('Punt, large')

    const never = jest.fn(async () => ({ ok: false as const, why: 'Busy', stale: true as const }))
    expect(await ofNow(here, 'builds', 'b', never)).toMatchObject({ ok: false, why: 'Busy' })
    expect(never.mock.calls.length).toBeGreaterThan(2)
    const refused = jest.fn(async () => ({ ok: false as const, why: 'No' }))
    await ofNow(here, 'builds', 'b', refused)
    expect(refused).toHaveBeenCalledTimes(1)
  })

  it('isn’t written where the row, or the part, is gone', async () => {
    const { store, here } = await begun()
    const edit = editOfPart('gone', () => ({ do: 'set', fields: { name: 'Punt' } }))
    expect(await editOfNow(here, 'b', edit, 'Changed')).toMatchObject({ ok: false })
    expect(await editOfNow(here, 'x', found('s'), 'Found')).toEqual({ ok: false, why: GONE })
    expect(await changeRow(store, 'builds', { ...BUILD, id: 'x' }, {}, 'Changed')).toMatchObject({
      why: GONE,
    })
    expect((await storedProject(store)).builds?.[0]).toEqual(BUILD)
  })

  it('pins of a picture and fields of the sessions are all there', async () => {
    const { store, here, there } = await begun()
    const row = {
      ...{ id: 'a', name: 'Hull', at: '2026-03-01T10:00:00Z', kind: 'model' as const },
      ...{ width: 4, height: 3 },
    }
    const photo = { id: 'a', photo: new Blob(['a']), thumb: new Blob(['b']) }
    await addPictures(store, [{ row, photo }])
    const pin = { at: [0.5, 0.25] as [number, number], effect: 'rust', state: 'wanted' } as const
    const pinned = (client: typeof here, id: string) =>
      changeOfNow(
        client,
        'pictures',
        'a',
        ({ pins }) => ({ pins: [...(pins ?? []), { ...pin, id }] }),
        'Pinned',
      )
    await Promise.all([pinned(here, 'p'), pinned(there, 'q')])
    expect((await store.db.pictures.get('a'))?.pins?.map(({ id }) => id).sort()).toEqual(['p', 'q'])

    await setSessions(store, { zone: 'UTC', pattern: [] }, 'Evenings')
    const written = await changeOfNow(
      here,
      'single',
      'sessions',
      (now) => ({ ...now, value: { ...(now.value as object), newAt: ['line'] } }) as never,
      'New at it',
    )
    expect(written).toMatchObject({ ok: true })
    expect((await storedProject(store)).sessions).toEqual({
      zone: 'UTC',
      pattern: [],
      newAt: ['line'],
    })
  })
})
