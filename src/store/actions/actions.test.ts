import { indexLog, levelOf, progressOfStep } from '@/core/log'
import { base64Of } from '@/core/model/base64'
import type { Bottle } from '@/core/model/bottle'
import type { Build } from '@/core/model/build'
import type { Edit } from '@/core/model/edit'
import type { LoggedAct } from '@/core/model/loggedAct'
import type { Mesh } from '@/core/model/mesh'
import type { StoredMix } from '@/core/model/mix'
import { exportProject } from '../documents'
import { BUILD, NOW, rowsOf, storedActs, storedProject, testStore } from '../tests/stores'
import { redo, turnsOf, undo } from '../undo'
import { correctAct, logAct, note } from './acts'
import { addBuild, editBuild, orderBuilds, removeBuild, takeOverBuild } from './builds'
import { forgetChanges, importProject, isEmpty, loadDemo, wipe } from './documents'
import { addBottle, changeBottles, keepMix, pourInto } from './shelf'

const REF = { build: 'b', part: 'p', step: 's' }
const store = testStore('actions')
const ok = (label: string) => ({ ok: true, label, undo: true })

beforeEach(async () => {
  await Promise.all(store.db.tables.map((table) => table.clear()))
  await addBuild(store, BUILD)
})
afterAll(() => store.db.close())

const progress = async () => progressOfStep(indexLog(await storedActs(store)), REF)
const coat = (believed: number | null) =>
  logAct(store, REF, { kind: 'coat-done' }, { coat: believed }, 'Hull: prime, coat done')

describe('an act at the bench', () => {
  it('is written, and the last coat finishes the step', async () => {
    expect(await coat(1)).toMatchObject({ ok: true })
    expect(await coat(2)).toMatchObject({ ok: true })
    expect(await progress()).toMatchObject({ status: 'done' })
    expect((await storedActs(store)).map(({ kind }) => kind)).toEqual([
      'coat-done',
      'coat-done',
      'finished',
    ])
  })

  test.each([
    { why: 'a held key', acts: [1, 1], told: 'Coat 1 is logged already' },
    { why: 'a third coat of two', acts: [1, 2, 3], told: 'It is done already' },
    { why: 'a coat too far', acts: [2], told: 'Coat 1 isn’t logged yet' },
  ])('$why is told and dropped', async ({ acts, told }) => {
    const outcomes = []
    for (const believed of acts) outcomes.push(await coat(believed))
    const last = outcomes.at(-1)
    expect(last).toMatchObject({ ok: false, why: expect.stringContaining(told) })
    expect((await storedActs(store)).filter(({ kind }) => kind === 'coat-done')).toHaveLength(
      acts.length - 1,
    )
  })

  describe('of several parts', () => {
    const parts = ['p', 'q', 'r'].map((id) => ({ id, name: id, substrate: 'abs' as const }))
    const steps = [
      { id: 'line', parts: ['p', 'q', 'r'], do: 'line' as const },
      { id: 'join', parts: ['p', 'q'], do: 'assemble' as const },
    ]
    const logged = async (step: string) => {
      const log = indexLog(await storedActs(store))
      return parts
        .map(({ id }) => id)
        .filter((part) => progressOfStep(log, of(part, step))?.status === 'done')
    }
    const of = (part: string, step: string) => ({ build: 'joint', part, step })
    const finish = (ref: typeof REF, along: (typeof REF)[] = []) =>
      logAct(store, ref, { kind: 'finished' }, { coat: null }, 'done', along)
    beforeEach(() => addBuild(store, { id: 'joint', name: 'Cart', parts, steps }))

    it('a joint act is logged for all of them, and taken back for all', async () => {
      await finish(of('q', 'join'))
      expect(await logged('join')).toEqual(['p', 'q'])
      await undo(store)
      expect(await logged('join')).toEqual([])
    })

    it('a run is logged for those that are named, once each', async () => {
      await finish(of('r', 'line'))
      await finish(of('p', 'line'), [of('q', 'line'), of('r', 'line')])
      expect(await logged('line')).toEqual(['p', 'q', 'r'])
      expect((await storedActs(store)).filter(({ part }) => part === 'r')).toHaveLength(1)
    })
  })

  it('pressed at the same moment in two tabs is logged once', async () => {
    const other = testStore('actions', 'other')
    const both = await Promise.all([
      coat(1),
      logAct(other, REF, { kind: 'coat-done' }, { coat: 1 }, 'Hull: prime, coat done'),
    ])
    expect(both.filter((one) => one.ok)).toHaveLength(1)
    expect((await progress())?.coatEnds).toHaveLength(1)
    other.db.close()
  })

  test.each(['started', 'finished', 'skipped'] as const)(
    '%s twice is logged once',
    async (kind) => {
      const press = () => logAct(store, REF, { kind }, { coat: null }, kind)
      expect(await press()).toMatchObject({ ok: true })
      expect(await press()).toMatchObject({ ok: false })
    },
  )

  it('skipped with a coat laid keeps the coat: only what is left of it is skipped', async () => {
    await coat(1)
    await logAct(store, REF, { kind: 'skipped' }, { coat: null }, 'skipped')
    expect(await progress()).toMatchObject({ status: 'done', coatEnds: [expect.any(Number)] })
  })

  it('of a step that is gone writes nothing', async () => {
    await editBuild(store, 'b', { do: 'remove', targets: [{ step: 's' }], on: 'every' }, 'Out')
    expect(await coat(1)).toMatchObject({ ok: false, why: expect.stringContaining('isn’t there') })
    expect(await storedActs(store)).toEqual([])
  })
})

describe('undo and redo', () => {
  it('take a change back and do it again, whole', async () => {
    const edit = { do: 'set', fields: { name: 'Punt' } } as const
    expect(await editBuild(store, 'b', edit, 'Renamed')).toEqual(ok('Renamed'))
    expect(await undo(store)).toEqual({ ok: true, label: 'Undone: Renamed', undo: false })
    expect((await storedProject(store)).builds?.[0]?.name).toBe('Skiff')
    expect(await redo(store)).toEqual({ ok: true, label: 'Redone: Renamed', undo: false })
    expect((await storedProject(store)).builds?.[0]?.name).toBe('Punt')
    expect(await redo(store)).toMatchObject({ ok: false })
  })

  it('only add to the log: an act is taken back, and brought back, by acts that say so', async () => {
    await coat(1)
    await undo(store)
    expect((await progress())?.coatEnds ?? []).toEqual([])
    await redo(store)
    expect((await progress())?.coatEnds).toHaveLength(1)
    expect(await coat(1)).toMatchObject({ ok: false })
    await undo(store)
    expect((await progress())?.coatEnds ?? []).toEqual([])
    expect(await coat(1)).toMatchObject({ ok: true })
    expect((await storedActs(store)).map(({ kind }) => kind).sort()).toEqual([
      'coat-done',
      'coat-done',
      'undone',
      'undone',
      'undone',
    ])
  })

  it('a mesh comes and goes with the part that is drawn by it, and comes back', async () => {
    const mesh: Mesh = {
      id: 'm',
      name: 'hull.stl',
      triangles: 1,
      from: [0, 0, 0],
      lengths: [1, 1, 0],
      points: base64Of(new Uint8Array(18)),
      corners: base64Of(new Uint8Array(new Uint32Array([0, 1, 2]).buffer)),
      faceOf: base64Of(new Uint8Array(1)),
      faces: ['top'],
    }
    const drawnBy = (id: string | null): Edit => ({ do: 'part', part: 'p', fields: { mesh: id } })
    const meshes = async () => (await store.db.meshes.toArray()).map(({ id }) => id)
    expect(await editBuild(store, 'b', drawnBy('m'), 'Shaped', mesh)).toMatchObject({ ok: true })
    expect(await meshes()).toEqual(['m'])
    await addBuild(store, { ...(await storedProject(store)).builds?.[0], id: 'c' } as Build)
    await editBuild(store, 'b', drawnBy(null), 'Another shape')
    expect(await meshes()).toEqual(['m'])
    await removeBuild(store, 'c')
    expect(await meshes()).toEqual([])
    await undo(store)
    expect(await meshes()).toEqual(['m'])
    expect(
      await editBuild(store, 'b', drawnBy('n'), 'Shaped', { ...mesh, id: 'n', faces: [] }),
    ).toMatchObject({ ok: false })
  })

  it('take back what this tab did, whatever another did since elsewhere', async () => {
    const other = testStore('actions', 'other')
    await note(store, 'mine', { build: 'b' }, 'Noted here')
    await note(other, 'theirs', { build: 'b' }, 'Noted there')
    expect(await undo(store)).toMatchObject({ label: 'Undone: Noted here' })
    expect(await undo(other)).toMatchObject({ label: 'Undone: Noted there' })
    expect(await redo(store)).toMatchObject({ label: 'Redone: Noted here' })
    other.db.close()
  })

  it('leave an act of this tab that another tab went on from', async () => {
    const other = testStore('actions', 'other')
    await logAct(store, REF, { kind: 'coat-done' }, { coat: 1 }, 'Coat 1')
    await logAct(other, REF, { kind: 'coat-done' }, { coat: 2 }, 'Coat 2')
    expect(await undo(store)).toMatchObject({ label: 'Undone: Coat 2 (of another tab)' })
    expect(await undo(store)).toMatchObject({ label: 'Undone: Coat 1' })
    other.db.close()
  })

  it('say whose it is', async () => {
    const other = testStore('actions', 'other')
    await editBuild(other, 'b', { do: 'set', fields: { name: 'Punt' } }, 'Renamed')
    expect(await undo(store)).toMatchObject({ label: 'Undone: Renamed (of another tab)' })
    other.db.close()
  })

  it('leave what isn’t any more as the change left it', async () => {
    await editBuild(store, 'b', { do: 'set', fields: { name: 'Punt' } }, 'Renamed')
    await store.db.builds.update('b', { name: 'Tern' })
    expect(await undo(store)).toMatchObject({
      ok: false,
      why: expect.stringContaining('has been changed since'),
    })
    expect((await storedProject(store)).builds?.[0]?.name).toBe('Tern')
  })

  it('a new change ends what could be done again', async () => {
    await coat(1)
    await undo(store)
    await coat(1)
    expect(await redo(store)).toMatchObject({ ok: false, why: 'There is nothing to redo' })
  })

  it('are named without reading what they changed, in a tab that has none as well', async () => {
    await coat(1)
    await note(store, 'mine', { build: 'b' }, 'Noted here')
    await undo(store)
    const fresh = testStore('actions', 'fresh')
    let read = 0
    const count = (change: unknown) => {
      read += 1
      return change
    }
    for (const { db } of [store, fresh]) db.changes.hook('reading', count)
    const names = { back: 'Hull: prime, coat done', again: 'Noted here' }
    expect([await turnsOf(fresh), await turnsOf(store), read]).toEqual([names, names, 0])
    await undo(fresh)
    expect(read).toBeGreaterThan(0)
    store.db.changes.hook('reading').unsubscribe(count)
    fresh.db.close()
  })

  it('keep a hundred changes, and forget the oldest', async () => {
    for (let i = 0; i < 103; i++)
      await editBuild(store, 'b', { do: 'set', fields: { name: `N${i}` } }, `Change ${i}`)
    expect(await store.db.changes.count()).toBe(100)
    expect((await store.db.changes.orderBy('seq').first())?.label).toBe('Change 3')
  })
})

const BOTTLE: Bottle = {
  id: 'k',
  name: 'Slate',
  family: 'lacquer',
  role: 'colour',
  colour: '#445566',
  sizeMl: 20,
  leftMl: 12,
}
const MIX: StoredMix = {
  id: 'm',
  name: 'Slate, thin',
  at: new Date(NOW + 99 * 3_600_000).toISOString(),
  ingredients: [{ name: 'Slate', bottle: 'k', parts: 1 }],
  volumeMl: 3,
}

describe('bottles', () => {
  const levelNow = async () => {
    const [row] = (await rowsOf(store, 'shelf')) as Bottle[]
    return levelOf(row as Bottle, indexLog(await storedActs(store)))
  }

  it('are drawn from by the log alone, and undo fills them again', async () => {
    await addBottle(store, BOTTLE)
    await keepMix(store, MIX, [{ bottle: 'k', ml: 3 }], true)
    expect(await levelNow()).toEqual({ ml: 9, share: 1 })
    await undo(store)
    expect(await levelNow()).toEqual({ ml: 12, share: 1 })
  })

  it('are thinned, weighed and renamed without losing one another', async () => {
    await addBottle(store, BOTTLE)
    await addBottle(store, { ...BOTTLE, id: 'thin', role: 'thinner', leftMl: 40 })
    await pourInto(store, 'k', { ml: 4, share: 0, name: 'Thinner', from: 'thin' })
    expect(await levelNow()).toEqual({ ml: 16, share: 0.75 })
    const [, thinner] = (await rowsOf(store, 'shelf')) as Bottle[]
    expect(levelOf(thinner as Bottle, indexLog(await storedActs(store))).ml).toBe(36)
    await changeBottles(store, [{ id: 'k', fields: { name: 'Slate grey', leftMl: 10 } }], 'Changed')
    expect(await levelNow()).toEqual({ ml: 10, share: 0.75 })
    expect(await rowsOf(store, 'shelf')).toMatchObject([
      { name: 'Slate grey', leftMl: 12 },
      { id: 'thin' },
    ])
    await changeBottles(store, [{ id: 'k', fields: { leftMl: 10 } }], 'Changed').then((again) =>
      expect(again).toMatchObject({ ok: false }),
    )
  })

  const later = (minutes: number) => new Date(NOW + minutes * 60_000).toISOString()
  test.each([
    {
      why: 'drawn from by a mix that was not kept',
      acts: [{ id: 'x', at: later(300), kind: 'mixed', drawn: [{ bottle: 'k', ml: 5 }] }],
      shown: 7,
      found: 12,
    },
    {
      why: 'poured into before it was weighed, as was put right later',
      acts: [
        { id: 'x', at: later(300), kind: 'weighed', bottle: 'k', ml: 5 },
        { id: 'y', at: later(310), kind: 'poured', bottle: 'k', ml: 2 },
        { id: 'z', at: later(320), kind: 'corrected', corrects: 'y', happenedAt: later(290) },
      ],
      shown: 5,
      found: 7,
    },
  ] as const)('what is found in one is kept where it isn’t what is shown: $why', async (of) => {
    const { acts, shown, found } = of
    await addBottle(store, BOTTLE)
    await store.db.acts.bulkPut(structuredClone([...acts]) as LoggedAct[])
    expect((await levelNow()).ml).toBe(shown)
    const now = { ...store, now: () => NOW + 400 * 60_000 }
    const written = await changeBottles(now, [{ id: 'k', fields: { leftMl: found } }], 'Found')
    expect(written).toMatchObject({ ok: true })
    expect((await levelNow()).ml).toBe(found)
  })

  it('given another colour recolour what is still to be painted from them, and not what is laid', async () => {
    await addBottle(store, BOTTLE)
    const step = (id: string) => ({
      id,
      parts: ['p'],
      do: 'base' as const,
      family: BOTTLE.family,
      colour: '#445566',
      bottle: 'k',
      coats: ['light' as const],
    })
    await addBuild(store, { ...BUILD, id: 'c', steps: [step('laid'), step('meant')] })
    const laid = { build: 'c', part: 'p', step: 'laid' }
    await logAct(store, laid, { kind: 'coat-done' }, { coat: 1 }, 'Laid')
    const fields = { colour: '#445577', family: 'enamel' as const }
    await changeBottles(store, [{ id: 'k', fields }], 'Put right')
    const steps = async () => (await storedProject(store)).builds?.[1]?.steps
    expect(await steps()).toEqual([step('laid'), { ...step('meant'), ...fields }])
    await undo(store)
    expect(await steps()).toEqual([step('laid'), step('meant')])
  })

  it('named with half a character are refused, with path, found and expected', async () => {
    const broken = await addBottle(store, { ...BOTTLE, name: 'Slate \ud83c' })
    expect(broken).toMatchObject({ ok: false, why: expect.stringContaining('name, found') })
    expect(await rowsOf(store, 'shelf')).toEqual([])
  })
})

describe('whole documents', () => {
  const project = {
    format: 'tectoria-project' as const,
    version: 1 as const,
    builds: [{ ...BUILD, id: 'c' }],
    shelf: [BOTTLE],
  }

  it('are imported whole, and taken back whole, the log too', async () => {
    const acts = [{ id: 'x', at: '2026-03-01T10:00:00Z', kind: 'noted' as const, text: 'kept' }]
    await importProject(store, { ...project, acts } as never, 'Imported')
    expect((await storedProject(store)).builds).toHaveLength(2)
    expect((await storedProject(store)).shelf?.[0]).toMatchObject({
      leftMl: 12,
      leftSince: expect.any(String),
    })
    await undo(store)
    expect((await storedProject(store)).builds).toHaveLength(1)
    expect(await storedActs(store)).toEqual([])
    await redo(store)
    expect(await storedActs(store)).toHaveLength(1)
  })

  it('with one row that can’t be stored are not stored at all', async () => {
    const broken = { ...project, builds: [{ ...BUILD, id: 'c', parts: [] }] }
    expect(await importProject(store, broken as never, 'Imported')).toMatchObject({ ok: false })
    expect((await storedProject(store)).builds).toHaveLength(1)
  })

  it('keep fields that this version does not know', async () => {
    await importProject(store, { ...project, mine: { kept: true } } as never, 'Imported')
    expect(JSON.parse(await exportProject(store))).toMatchObject({ mine: { kept: true } })
  })

  it('are wiped, and brought back until that is forgotten', async () => {
    expect(await wipe(store)).toMatchObject({ ok: true })
    expect((await storedProject(store)).builds).toEqual([])
    await undo(store)
    expect((await storedProject(store)).builds).toHaveLength(1)
    await wipe(store)
    await forgetChanges(store)
    expect(await undo(store)).toMatchObject({ ok: false })
  })
})

describe('the demo', () => {
  it('is loaded like anybody’s file', async () => {
    Object.defineProperty(globalThis, 'location', {
      configurable: true,
      value: { origin: 'http://127.0.0.1' },
    })
    await wipe(store)
    expect(await isEmpty(store)).toBe(true)
    expect(await loadDemo(store)).toMatchObject({ ok: true, label: 'Loaded the demo bench' })
    expect(await store.db.builds.count()).toBe(4)
    expect(await isEmpty(store)).toBe(false)
  })
})

describe('the modeller’s own builds', () => {
  it('an act is logged for a time before now, never for one to come or before what is logged', async () => {
    const at = NOW - 20 * 3_600_000
    const log = (coat: number, when: number) =>
      logAct(store, REF, { kind: 'coat-done' }, { coat, at: when }, 'Coat')
    expect(await log(1, at)).toMatchObject({ ok: true })
    expect((await progress())?.coatEnds).toEqual([at])
    expect(await log(2, NOW + 9e9)).toMatchObject({
      ok: false,
      why: expect.stringContaining('still to come'),
    })
    expect(await log(2, at - 1)).toMatchObject({
      ok: false,
      why: expect.stringContaining('later than that'),
    })
    expect((await progress())?.coatEnds).toEqual([at])
  })

  it('the time of an act is corrected by another act, and back', async () => {
    await coat(1)
    const [act] = await storedActs(store)
    const was = NOW - 3_600_000
    expect(await correctAct(store, act?.id ?? '', was, 'An hour ago')).toEqual(ok('An hour ago'))
    expect((await progress())?.coatEnds).toEqual([was])
    expect((await storedActs(store)).find(({ id }) => id === act?.id)).toEqual(act)
    await undo(store)
    expect((await progress())?.coatEnds).toEqual([Date.parse(act?.at ?? '')])
    expect(await correctAct(store, 'gone', was, 'x')).toMatchObject({ ok: false })
    expect(await correctAct(store, act?.id ?? '', NOW + 9e9, 'x')).toMatchObject({ ok: false })
  })

  it('a painted model is taken over as one change', async () => {
    const films = [{ step: { do: 'prime' as const }, at: NOW - 9e7 }]
    expect(await takeOverBuild(store, 'b', ['p'], films, 'Taken over: Hull')).toEqual(
      ok('Taken over: Hull'),
    )
    const taken = await storedProject(store)
    expect(taken.builds?.[0]?.steps).toHaveLength(BUILD.steps.length + 1)
    expect(taken.acts?.every(({ roughly }) => roughly)).toBe(true)
    await undo(store)
    expect((await storedProject(store)).builds?.[0]).toEqual(BUILD)
    const later = [{ step: { do: 'prime' as const }, at: NOW + 9e9 }]
    expect(await takeOverBuild(store, 'b', ['p'], later, 'x')).toMatchObject({ ok: false })
  })

  it('builds are removed, put in order, and come back', async () => {
    await addBuild(store, { ...BUILD, id: 'c', name: 'Tern' })
    expect(await orderBuilds(store, ['c', 'b'])).toMatchObject({ ok: true })
    expect((await storedProject(store)).builds?.map(({ id, place }) => [id, place])).toEqual([
      ['b', 1],
      ['c', 0],
    ])
    expect(await orderBuilds(store, ['c', 'b'])).toMatchObject({ ok: false })
    expect(await removeBuild(store, 'c')).toEqual(ok('Removed: Tern'))
    expect((await storedProject(store)).builds).toHaveLength(1)
    await undo(store)
    expect((await storedProject(store)).builds).toHaveLength(2)
    expect(await removeBuild(store, 'gone')).toMatchObject({ ok: false })
  })
})
