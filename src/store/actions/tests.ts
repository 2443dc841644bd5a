import { loggedIn } from '@/core/log'
import { applyEdit } from '@/core/model/applyEdit'
import type { ActStep } from '@/core/model/sequence'
import type { TestPiece } from '@/core/model/testPiece'
import { GONE } from '../reason'
import type { Store } from '../store'
import type { Write } from '../tables'
import { type Reading, transact, type Written } from '../transact'
import { away, change, type Fields, put, withFields } from './rows'

/** Keeps a new test piece. */
export function addTest(store: Store, piece: TestPiece): Promise<Written> {
  return transact(store, async () => ({
    label: `Test piece: ${piece.name}`,
    writes: [put('tests', piece)],
  }))
}

/** Changes what is known of a test piece. */
export function changeTest(
  store: Store,
  id: string,
  fields: Fields<TestPiece>,
  label: string,
): Promise<Written> {
  return transact(store, (read) => change(read, 'tests', id, fields, label))
}

/** Removes a test piece. */
export function removeTest(store: Store, id: string, name: string): Promise<Written> {
  return transact(store, async () => ({ label: `Removed: ${name}`, writes: [away('tests', id)] }))
}

/** What a choice writes into the step: how much, how large, how thin. Source: handbook 13.3. */
const WRITTEN = ['amount', 'markMm', 'thinning', 'passes', 'flowAid', 'hiding'] as const

/** Chooses one of what was tried, and writes its amounts into the step that it was tried for. */
export function chooseTried(store: Store, id: string, tried: string): Promise<Written> {
  return transact(store, async (read) => {
    const row = await read.get('tests', id)
    const chosen = row?.tried.find((one) => one.id === tried)
    const last = chosen?.steps.at(-1)
    if (!row || !last) return { refused: GONE }
    const piece = put('tests', withFields(row, { chosen: tried, result: 'good' as const }))
    const into = await intoStep(store, read, row, last)
    if (typeof into === 'string') return { refused: into }
    return { label: `Chosen on ${row.name}`, writes: [piece, ...into] }
  })
}

/** The build with the amounts in its step; nothing where the step is gone, or not of a build; or why it can't be. */
async function intoStep(
  store: Store,
  read: Reading,
  { build: of, step }: TestPiece,
  last: ActStep,
): Promise<Write[] | string> {
  const build = of ? await read.get('builds', of) : undefined
  const fields = Object.fromEntries(
    WRITTEN.flatMap((field) => (last[field] === undefined ? [] : [[field, last[field]]])),
  )
  if (!build || !step || !build.steps.some(({ id }) => id === step)) return []
  if (Object.keys(fields).length === 0) return []
  const edit = { do: 'change' as const, targets: [{ step }], on: 'every' as const, fields }
  const logged = loggedIn(await read.log({ build: build.id }), build.id)
  const result = applyEdit(build, edit, logged, store.newId)
  return result.ok ? [put('builds', result.build)] : result.why
}
