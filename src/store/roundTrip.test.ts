import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { readProject } from '@/core/formats/projectFile'
import type { Project } from '@/core/model/project'
import { importProject } from './actions/documents'
import { exportProject } from './documents'
import { loadRows } from './rows/loadRows'
import { NOW, testStore } from './tests/stores'
import { undo } from './undo'

/** A project file as it was written before the log said what is in bottles, with fields that no version knows. */
const OLD: Record<string, unknown> = JSON.parse(
  readFileSync(join(__dirname, 'tests', 'fixtures', 'project1.json'), 'utf8'),
)
let n = 0

/** What a store exports after it took a file in. */
async function through(file: unknown): Promise<Record<string, unknown>> {
  const parsed = readProject(file)
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems[0]))
  const store = testStore(`round trip ${++n}`)
  expect(await importProject(store, parsed.value, 'Imported')).toMatchObject({ ok: true })
  expect(await loadRows(store).then(() => store.db.damaged.count())).toBe(0)
  const text = await exportProject(store)
  store.db.close()
  return JSON.parse(text)
}

/** Lists in one order, without what each export says anew. */
function plain({ exportedAt: _, ...project }: Record<string, unknown>): Record<string, unknown> {
  const byId = (a: { id: string }, b: { id: string }) => a.id.localeCompare(b.id)
  return Object.fromEntries(
    Object.entries(project)
      .filter(([, value]) => !(Array.isArray(value) && value.length === 0))
      .map(([field, value]) => [field, Array.isArray(value) ? [...value].sort(byId) : value]),
  )
}

it('an old project file goes through with everything in it; its bottles say since when the log counts', async () => {
  const exported = plain(await through(OLD))
  const shelf = exported.shelf as Record<string, unknown>[]
  const last = Math.max(...(OLD.acts as { at: string }[]).map(({ at }) => Date.parse(at)))
  for (const { leftSince } of shelf) {
    expect(Date.parse(leftSince as string)).toBeGreaterThan(last)
    expect(Date.parse(leftSince as string)).toBeLessThanOrEqual(NOW + 60 * 60_000)
  }
  const without = shelf.map(({ leftSince: _, ...row }) => row)
  expect({ ...exported, shelf: without }).toEqual(plain(OLD))
})

it('a file that was exported goes through unchanged', async () => {
  const once = await through(OLD)
  expect(plain(await through(once))).toEqual(plain(once))
})

it('an import is taken back whole', async () => {
  const store = testStore(`round trip ${++n}`)
  const before = JSON.parse(await exportProject(store))
  await importProject(store, (readProject(OLD) as { value: Project }).value, 'Imported')
  expect(await undo(store)).toMatchObject({ ok: true })
  expect(plain(JSON.parse(await exportProject(store)))).toEqual(plain(before))
  store.db.close()
})
