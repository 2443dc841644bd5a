import fc from 'fast-check'
import { indexLog, progressOfStep, stands } from '@/core/log'
import type { Edit } from '@/core/model/edit'
import { logAct, note } from './actions/acts'
import { addBuild, editBuild } from './actions/builds'
import { forgetChanges, importProject } from './actions/documents'
import type { Store } from './store'
import { BUILD, storedActs, storedProject, testStore } from './tests/stores'
import type { Written } from './transact'
import { redo, undo } from './undo'

/** What one of two tabs does: acts, edits, an import, undo, redo. */
const moves = fc.array(
  fc.record({
    tab: fc.constantFrom(0, 1),
    /** Begun before the move before it has ended. */
    together: fc.boolean(),
    what: fc.constantFrom(
      'coat',
      'coat',
      'coat',
      'note',
      'edit',
      'edit',
      'import',
      'undo',
      'undo',
      'redo',
    ),
    part: fc.constantFrom('p', 'q'),
    believed: fc.integer({ min: 0, max: 2 }),
  }),
  { minLength: 3, maxLength: 14 },
)
type Move = typeof moves extends fc.Arbitrary<(infer M)[]> ? M : never

/** A move that was carried out, by its label: what of it must stand in the end, unless it was taken back. */
type Done = {
  label: string
  what: Move['what']
  part: string
  id: string
  coat: number | null
  live: boolean
}

async function play(all: readonly Move[], database: string): Promise<void> {
  const stores = [testStore(database, 'a'), testStore(database, 'b')] as const
  const six = { id: 's', parts: ['p', 'q'], do: 'prime' as const, coats: Array(6).fill('light') }
  await addBuild(stores[0], { ...BUILD, steps: [six] })
  await forgetChanges(stores[0])
  const done: Done[] = []
  let running: Promise<void>[] = []
  let n = 0
  for (const move of all) {
    if (!move.together) {
      await Promise.all(running)
      running = []
    }
    running.push(carryOut(stores[move.tab] as Store, move, ++n, done))
  }
  await Promise.all(running)
  await expectTold(stores[0], done)
  for (const store of stores) store.db.close()
}

async function carryOut(store: Store, move: Move, n: number, done: Done[]): Promise<void> {
  const label = `move ${n}`
  const id = `m${n}`
  const coat = move.believed === 0 ? null : move.believed
  const kept = (written: Written) => {
    if (written.ok) done.push({ label, what: move.what, part: move.part, id, coat, live: true })
  }
  const turned = (written: Written, live: boolean) => {
    if (!written.ok) return
    const found = done.find((act) =>
      written.label.replace(/ \(of another tab\)$/, '').endsWith(`: ${act.label}`),
    )
    if (found) found.live = live
  }
  const ref = { build: 'b', part: move.part, step: 's' }
  switch (move.what) {
    case 'coat':
      return kept(await logAct(store, ref, { kind: 'coat-done' }, { coat }, label))
    case 'note':
      return kept(await note(store, id, { build: 'b' }, label))
    case 'edit': {
      const step = { id, parts: [move.part], do: 'sand' as const }
      const edit: Edit = { do: 'insert', before: null, steps: [step] }
      return kept(await editBuild(store, 'b', edit, label))
    }
    case 'import': {
      const act = { id, at: new Date(store.now()).toISOString(), kind: 'noted' as const, text: id }
      const project = { format: 'tectoria-project' as const, version: 1 as const, acts: [act] }
      return kept(await importProject(store, project, label))
    }
    case 'undo':
      return turned(await undo(store), false)
    default:
      return turned(await redo(store), true)
  }
}

/** Every move that stands is there once, and none that was taken back is. */
async function expectTold(store: Store, done: readonly Done[]): Promise<void> {
  const acts = await storedActs(store)
  const log = indexLog(acts)
  const [build] = (await storedProject(store)).builds ?? []
  const ids = acts.map(({ id }) => id)
  expect(new Set(ids).size).toBe(ids.length)
  for (const part of ['p', 'q']) {
    const coats = done.filter((act) => act.what === 'coat' && act.part === part && act.live)
    const laid = progressOfStep(log, { build: 'b', part, step: 's' })?.coatEnds ?? []
    expect([part, laid.length]).toEqual([part, coats.length])
    // Whoever said which coat it was logged just that one.
    const said = coats.map(({ coat }, i) => coat ?? i + 1)
    expect(said).toEqual(coats.map((_, i) => i + 1))
  }
  for (const { what, id, live } of done) {
    if (what === 'edit')
      expect([id, build?.steps.filter((step) => step.id === id).length]).toEqual([id, live ? 1 : 0])
    if (what === 'note' || what === 'import') {
      const standing = acts.filter((act) => act.text === id && stands(log, act))
      expect([id, standing.length]).toEqual([id, live ? 1 : 0])
    }
  }
}

const RUNS = Number(process.env.RUNS ?? 500)

it('two tabs over one database lose, double and revert nothing', async () => {
  let n = 0
  await fc.assert(
    fc.asyncProperty(moves, (all) => play(all, `two ${++n}`)),
    { numRuns: RUNS, seed: 77, endOnFailure: true },
  )
})
