import { readProject } from '@/core/formats/projectFile'
import type { Build } from '@/core/model/build'
import type { LoggedAct } from '@/core/model/loggedAct'
import type { Project } from '@/core/model/project'
import { key } from '@/core/model/stepRef'
import 'fake-indexeddb/auto'
import { demoProject } from '@/demo/demo'
import { commit, undoLast } from './changes'
import { DATA_TABLES, db } from './db'
import { exportProject, importProject, loadProject, wipe } from './project'

const NOW = Date.parse('2026-03-17T18:25:00Z')

const BUILD: Build = {
  id: 'b',
  name: 'Skiff',
  parts: [{ id: 'p', name: 'Hull', substrate: 'polystyrene' }],
  steps: [{ id: 's', parts: ['p'], do: 'prime' }],
}

const act = (id: string, kind: LoggedAct['kind'], more: Partial<LoggedAct> = {}): LoggedAct => ({
  id,
  at: new Date(NOW).toISOString(),
  kind,
  build: 'b',
  part: 'p',
  step: 's',
  ...more,
})

beforeEach(wipe)
afterAll(() => db.close())

describe('a change', () => {
  it('is written, and taken back', async () => {
    await commit('Started Skiff', [{ table: 'builds', id: 'b', row: BUILD }], NOW)
    await commit('Renamed', [{ table: 'builds', id: 'b', row: { ...BUILD, name: 'Punt' } }], NOW)
    expect((await db.builds.get('b'))?.name).toBe('Punt')
    expect(await undoLast(NOW)).toBe('Renamed')
    expect((await db.builds.get('b'))?.name).toBe('Skiff')
    expect(await undoLast(NOW)).toBe('Started Skiff')
    expect(await db.builds.count()).toBe(0)
    expect(await undoLast(NOW)).toBeNull()
  })

  it('takes a row away, and undo puts it back', async () => {
    await commit('Started', [{ table: 'builds', id: 'b', row: BUILD }], NOW)
    await commit('Taken out', [{ table: 'builds', id: 'b', row: null }], NOW)
    expect(await db.builds.count()).toBe(0)
    await undoLast(NOW)
    expect(await db.builds.get('b')).toEqual(BUILD)
  })

  it('of several rows is taken back whole', async () => {
    const sessions = { zone: 'UTC', pattern: [] }
    await commit(
      'Started',
      [
        { table: 'builds', id: 'b', row: BUILD },
        { table: 'single', id: 'sessions', row: { id: 'sessions', value: sessions } },
      ],
      NOW,
    )
    expect((await loadProject()).sessions).toEqual(sessions)
    await undoLast(NOW)
    expect(await loadProject()).toMatchObject({ builds: [], sessions: null })
  })

  it('that fails half way writes nothing at all', async () => {
    const bad = { id: 'x', run: () => 0 }
    await expect(
      commit(
        'Broken',
        [
          { table: 'builds', id: 'b', row: BUILD },
          { table: 'shelf', id: 'x', row: bad },
        ],
        NOW,
      ),
    ).rejects.toThrow()
    expect(await db.builds.count()).toBe(0)
    expect(await db.changes.count()).toBe(0)
  })

  it('is kept a hundred times, the oldest are forgotten', async () => {
    for (let i = 0; i < 103; i++)
      await commit(
        `Change ${i}`,
        [{ table: 'builds', id: 'b', row: { ...BUILD, name: `N${i}` } }],
        NOW,
      )
    expect(await db.changes.count()).toBe(100)
    expect((await db.changes.orderBy('seq').first())?.label).toBe('Change 3')
  })
})

describe('the log', () => {
  it('is only added to: undo writes an act that says so', async () => {
    await commit('Started', [{ table: 'acts', id: 'a1', row: act('a1', 'started') }], NOW)
    await commit(
      'Coat done',
      [
        { table: 'acts', id: 'a2', row: act('a2', 'coat-done', { coat: 1 }) },
        { table: 'acts', id: 'a3', row: act('a3', 'finished') },
      ],
      NOW,
    )
    await undoLast(NOW + 1000)
    const { acts = [] } = await loadProject()
    expect(acts.map((one) => one.kind).sort()).toEqual([
      'coat-done',
      'finished',
      'started',
      'undone',
      'undone',
    ])
    expect(progressOf(acts).get(key({ build: 'b', part: 'p', step: 's' }))).toMatchObject({
      status: 'running',
      coatEnds: [],
    })
  })
})

describe('a project', () => {
  const demo = () => JSON.parse(JSON.stringify(demoProject(NOW, 'Europe/Lisbon'))) as Project
  const byId = (rows: readonly { id: string }[] = []) =>
    [...rows].sort((a, b) => (a.id < b.id ? -1 : 1))

  it('comes out as it went in', async () => {
    const file = demo()
    await importProject(file)
    const loaded = await loadProject()
    for (const list of ['builds', 'shelf', 'mixes', 'acts', 'climate'] as const)
      expect(byId(loaded[list])).toEqual(byId(file[list]))
    expect(loaded.sessions).toEqual(file.sessions)
  })

  it('is exported as a file that its own reading takes', async () => {
    await importProject(demo())
    const parsed = readProject(JSON.parse(await exportProject(NOW)))
    expect(parsed.ok).toBe(true)
    if (parsed.ok) expect(parsed.value.exportedAt).toBe('2026-03-17T18:25:00.000Z')
  })

  it('keeps what it does not know, of itself and of its rows', async () => {
    await importProject({
      ...demo(),
      mine: { kept: true },
      builds: [{ ...BUILD, theirs: 7 }],
    } as Project)
    const text = await exportProject(NOW)
    expect(JSON.parse(text)).toMatchObject({ mine: { kept: true }, builds: [{ theirs: 7 }] })
  })

  it('with a known id replaces the row and leaves the others', async () => {
    await importProject({ format: 'tectoria-project', version: 1, builds: [BUILD] })
    await importProject({
      format: 'tectoria-project',
      version: 1,
      builds: [
        { ...BUILD, name: 'Punt' },
        { ...BUILD, id: 'c' },
      ],
    })
    expect((await loadProject()).builds?.map((one) => [one.id, one.name])).toEqual([
      ['b', 'Punt'],
      ['c', 'Skiff'],
    ])
  })

  it('that can’t be stored is not stored in part', async () => {
    const broken = {
      format: 'tectoria-project',
      version: 1,
      builds: [BUILD],
      acts: [{ ...act('a', 'noted'), text: (() => 0) as never }],
    } as Project
    await expect(importProject(broken)).rejects.toThrow()
    expect(await db.builds.count()).toBe(0)
  })

  it('is wiped, the ways back too', async () => {
    await importProject(demo())
    await commit('Started', [{ table: 'builds', id: 'b', row: BUILD }], NOW)
    await wipe()
    for (const table of DATA_TABLES)
      expect([table, await db.table(table).count()]).toEqual([table, 0])
    expect(await undoLast(NOW)).toBeNull()
  })
})

describe('the demo', () => {
  const store = new Map<string, string>()
  beforeAll(() => {
    Object.defineProperty(globalThis, 'localStorage', {
      configurable: true,
      value: {
        getItem: (key: string) => store.get(key) ?? null,
        setItem: (key: string, value: string) => void store.set(key, value),
      },
    })
  })

  it('is put on an empty bench once, and stays away when it was wiped', async () => {
    const { loadDemo, shouldLoadDemo } = await import('./demo')
    expect(await shouldLoadDemo()).toBe(true)
    await loadDemo(NOW)
    expect(await db.builds.count()).toBe(4)
    expect(await shouldLoadDemo()).toBe(false)
    await wipe()
    expect(await shouldLoadDemo()).toBe(false)
  })
})
