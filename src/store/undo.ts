import type { LoggedAct } from '@/core/model/loggedAct'
import { rowTables } from './db'
import { reasonOf } from './reason'
import type { Store } from './store'
import type { ChangeRecord, RowChange, Write } from './tables'
import { stillThere, type Written, write } from './transact'

/**
 * Takes this tab's newest change back; where it has none, or another tab built on it since, the newest of all, and says whose it is.
 * What it left must still lie there. The log is only added to: an act is taken
 * back by an act that says so.
 */
export async function undo(store: Store): Promise<Written> {
  return turn(store, 'Undone', 'There is nothing to undo', async () => {
    const last = await recordOf(store, await lastDone(store, await namesOf(store)))
    if (!last) return null
    if (!(await stillThere(store, last.rows))) return { change: last, writes: null, undone: 1 }
    const undoers: Record<string, string> = {}
    const writes = last.rows.map((row) => takenBack(store, last, row, undoers))
    return { change: last, writes, undone: 1, undoers }
  })
}

/** Does again what this tab took back last; where it took nothing back, what another did. */
export async function redo(store: Store): Promise<Written> {
  return turn(store, 'Redone', 'There is nothing to redo', async () => {
    const next = await recordOf(store, await lastUndone(store, await namesOf(store)))
    if (!next) return null
    const turned = next.rows.map(({ before, after, ...row }) => ({
      ...row,
      before: after,
      after: before,
    }))
    const documents = turned.filter((row) => next.whole || !isNewAct(row))
    if (!(await stillThere(store, documents))) return { change: next, writes: null, undone: 0 }
    const undoers: Record<string, string> = {}
    const writes = next.rows.map((row) => doneAgain(store, next, row, undoers))
    return { change: next, writes, undone: 0, undoers }
  })
}

/** What undo would take back, and what redo would do again, in words; null: nothing. */
export async function turnsOf(
  store: Store,
): Promise<{ back: string | null; again: string | null }> {
  const names = await namesOf(store)
  const [last, next] = [await lastDone(store, names), await lastUndone(store, names)]
  return { back: last?.label ?? null, again: next?.label ?? null }
}

/** A change without its rows: those of an import are a whole bench. */
type Name = { seq: number; label: string; isUndone: boolean; isOwn: boolean }

/** The names of all changes, oldest first. */
async function namesOf({ db, by }: Store): Promise<Name[]> {
  const keys = (await db.changes.orderBy('[seq+label]').keys()) as unknown as [number, string][]
  const undone = new Set(await db.changes.where('undone').equals(1).primaryKeys())
  const own = new Set(await db.changes.where('by').equals(by).primaryKeys())
  return keys.map(([seq, label]) => ({
    seq,
    label,
    isUndone: undone.has(seq),
    isOwn: own.has(seq),
  }))
}

async function recordOf({ db }: Store, name: Name | undefined): Promise<ChangeRecord | undefined> {
  return name && db.changes.get(name.seq)
}

/** What was done last. */
function lastDone(store: Store, names: readonly Name[]): Promise<Name | undefined> {
  return ownFirst(store, names.filter(({ isUndone }) => !isUndone).reverse())
}

/** What was taken back last: the oldest of it. */
function lastUndone(store: Store, names: readonly Name[]): Promise<Name | undefined> {
  return ownFirst(
    store,
    names.filter(({ isUndone }) => isUndone),
  )
}

/** The first of these changes that is this tab's; the very first where there is none, or one of another tab before it touches the same. */
async function ownFirst(store: Store, names: readonly Name[]): Promise<Name | undefined> {
  const at = names.findIndex(({ isOwn }) => isOwn)
  const own = at > 0 && (await recordOf(store, names[at]))
  if (!own) return names[0]
  const before = await store.db.changes.bulkGet(names.slice(0, at).map(({ seq }) => seq))
  const touched = new Set(touches(own))
  const isBuiltOn = before.some((other) => other && touches(other).some((it) => touched.has(it)))
  return names[isBuiltOn ? 0 : at]
}

/** What a change touches: its rows, and the steps and bottles that its acts are about. */
function touches({ rows }: ChangeRecord): string[] {
  return rows.flatMap(({ table, id, before, after }) => {
    const act = table === 'acts' ? ((after ?? before) as Partial<LoggedAct> | null) : null
    const step = act?.step ? [`step ${act.build}/${act.part}/${act.step}`] : []
    const bottles = [act?.bottle, ...(act?.drawn ?? []).map(({ bottle }) => bottle)]
    return [`${table} ${id}`, ...step, ...bottles.flatMap((one) => (one ? [`bottle ${one}`] : []))]
  })
}

type Turn = {
  change: ChangeRecord
  /** null: what lies there isn't what this change left. */
  writes: Write[] | null
  undone: 0 | 1
  undoers?: Record<string, string>
}

async function turn(
  store: Store,
  done: string,
  nothing: string,
  decide: () => Promise<Turn | null>,
): Promise<Written> {
  const { db } = store
  try {
    return await db.transaction('rw', rowTables(db), async (): Promise<Written> => {
      const found = await decide()
      if (!found) return { ok: false, why: nothing }
      const { change, writes, undone, undoers = {} } = found
      const whose = change.by === undefined || change.by === store.by ? '' : ' (of another tab)'
      const name = `${change.label}${whose}`
      if (!writes) return { ok: false, why: `“${name}” has been changed since, and stays as it is` }
      await write(store, writes)
      await db.changes.update(change.seq as number, {
        undone,
        undoers: { ...change.undoers, ...undoers },
      })
      return { ok: true, label: `${done}: ${name}`, undo: false }
    })
  } catch (error) {
    return { ok: false, why: `Nothing was changed: ${reasonOf(error)}` }
  }
}

function isNewAct({ table, before, after }: RowChange): boolean {
  return table === 'acts' && (before === null) !== (after === null)
}

function undoneAct(store: Store, undoes: string): LoggedAct {
  return { id: store.newId(), at: new Date(store.now()).toISOString(), kind: 'undone', undoes }
}

/** What takes a row back: the row as it was; for an act, one that says so. */
function takenBack(
  store: Store,
  change: ChangeRecord,
  row: RowChange,
  undoers: Record<string, string>,
): Write {
  if (change.whole || !isNewAct(row)) return { table: row.table, id: row.id, row: row.before }
  const act = undoneAct(store, row.id)
  undoers[row.id] = act.id
  return { table: 'acts', id: act.id, row: act }
}

/** What does a row again: the row as it became; for an act, one that takes its taking back back. */
function doneAgain(
  store: Store,
  change: ChangeRecord,
  row: RowChange,
  undoers: Record<string, string>,
): Write {
  const undoer = change.undoers?.[row.id]
  if (change.whole || !isNewAct(row) || undoer === undefined)
    return { table: row.table, id: row.id, row: row.after }
  const act = undoneAct(store, undoer)
  undoers[row.id] = undoer
  return { table: 'acts', id: act.id, row: act }
}
