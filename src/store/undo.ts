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
    const last = await newestDone(store)
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
    const next = await firstUndone(store)
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
  const [last, next] = [await newestDone(store), await firstUndone(store)]
  return { back: last?.label ?? null, again: next?.label ?? null }
}

/** This tab's newest change, unless another tab has built on it since: then the newest of all. */
async function newestDone({ db, by }: Store): Promise<ChangeRecord | undefined> {
  const done = db.changes.orderBy('seq').reverse().filter(isDone)
  const own = await done.clone().filter(isOf(by)).first()
  if (own?.seq === undefined) return done.first()
  const since = await db.changes.where('seq').above(own.seq).filter(isDone).toArray()
  return since.some(buildsOn(own)) ? since.at(-1) : own
}

/** What this tab took back last, unless it builds on what another took back: then that. */
async function firstUndone({ db, by }: Store): Promise<ChangeRecord | undefined> {
  const undone = await db.changes.where('undone').equals(1).sortBy('seq')
  const at = undone.findIndex(isOf(by))
  const own = undone[at]
  return own && !undone.slice(0, at).some(buildsOn(own)) ? own : undone[0]
}

function isOf(tab: string): (change: ChangeRecord) => boolean {
  return (change) => change.by === tab
}

/** Do two changes touch the same? */
function buildsOn(own: ChangeRecord): (other: ChangeRecord) => boolean {
  const touched = new Set(touches(own))
  return (other) => touches(other).some((at) => touched.has(at))
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

function isDone({ undone }: ChangeRecord): boolean {
  return undone !== 1
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
