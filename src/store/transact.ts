import { bottlesOf, indexLog, type LogIndex } from '@/core/log'
import type { LoggedAct } from '@/core/model/loggedAct'
import { sameValue } from '@/core/model/sameValue'
import type { StepRef } from '@/core/model/stepRef'
import { rowTables } from './db'
import { reasonOf } from './reason'
import { readRow } from './rows/readRow'
import type { Rows } from './rows/schemas'
import type { Store } from './store'
import {
  type ChangeRecord,
  DATA_TABLES,
  type DataTable,
  type RowChange,
  type Write,
} from './tables'

/** What became of an action: written, with its name for the undo list, or refused or failed, and why. */
export type Written =
  | { ok: true; label: string; undo: boolean }
  /** `stale`: what it was reckoned from is another by now. */
  | { ok: false; why: string; stale?: true }

/** What an action decides on, read inside of its own transaction. */
export type Reading = {
  get: <T extends DataTable>(table: T, id: string) => Promise<Rows[T] | undefined>
  all: <T extends DataTable>(table: T) => Promise<Rows[T][]>
  /** What is logged of a step, or of all steps of a build. */
  log: (ref: StepRef | { build: string }) => Promise<LogIndex>
  /** What is logged of some bottles: all that are asked for in one reading. */
  bottleLog: (bottles: readonly string[]) => Promise<LogIndex>
}

/** What an action wants written, under what name; or why it writes nothing. */
export type Decision =
  | { label: string; writes: readonly Write[] }
  | { refused: string; stale?: true }

/** How many changes can be taken back. */
const KEPT_CHANGES = 100
/** How many writes are kept for other tabs: one that is further behind reads everything anew. */
const KEPT_FEED = 200
/** So many rows at once are told as one: everything is read anew. */
const MOST_TOLD = 2000

/** How a change is kept. */
export type Keeping = {
  /** Facts of the room can't be taken back. */
  undoable?: boolean
  /** Taken back row by row, the log too. */
  whole?: boolean
}

/**
 * Runs an action: one transaction that reads what it decides on and writes all of it or nothing.
 *
 * @param decide reads and decides; it may wait for nothing but the reading
 */
export async function transact(
  store: Store,
  decide: (read: Reading) => Promise<Decision>,
  { undoable = true, whole = false }: Keeping = {},
): Promise<Written> {
  const { db } = store
  try {
    return await db.transaction('rw', rowTables(db), async (): Promise<Written> => {
      const decision = await decide(readingOf(store))
      if ('refused' in decision) {
        const { refused: why, ...stale } = decision
        return { ok: false, why, ...stale }
      }
      const { label, writes } = decision
      const bad = unreadable(writes)
      if (bad) return { ok: false, why: bad }
      const rows = await write(store, writes)
      if (undoable) {
        const change = { at: store.now(), label, rows, by: store.by }
        await remember(store, whole ? { ...change, whole } : change)
      }
      return { ok: true, label, undo: undoable }
    })
  } catch (error) {
    return { ok: false, why: `Nothing was written: ${reasonOf(error)}` }
  }
}

/** Every row is read before it is written: what couldn't be loaded again is not stored. */
function unreadable(writes: readonly Write[]): string | null {
  for (const { table, row } of writes) {
    if (row === null) continue
    const read = readRow(table, row)
    const problem = read.ok ? undefined : read.problems[0]
    if (problem)
      return `Nothing was written: ${problem.path || table}, found ${problem.found}, expected ${problem.expected}`
  }
  return null
}

/** Writes rows, tells the other tabs, and says what was there before. Inside of a transaction. */
export async function write(store: Store, writes: readonly Write[]): Promise<RowChange[]> {
  const { db } = store
  const rows: RowChange[] = []
  for (const table of DATA_TABLES) {
    const own = writes.filter((write) => write.table === table)
    if (own.length === 0) continue
    const before = await db.table(table).bulkGet(own.map(({ id }) => id))
    own.forEach(({ id, row }, i) => {
      rows.push({ table, id, before: before[i] ?? null, after: row })
    })
    const away = own.filter(({ row }) => row === null)
    const kept = own.filter(({ row }) => row !== null)
    if (away.length > 0) await db.table(table).bulkDelete(away.map(({ id }) => id))
    if (kept.length > 0) await db.table(table).bulkPut(kept.map(({ row }) => row))
  }
  const seq = await db.feed.add({ writes: writes.length > MOST_TOLD ? null : [...writes] })
  await db.feed
    .where('seq')
    .belowOrEqual((seq ?? 0) - KEPT_FEED)
    .delete()
  return rows
}

/** A new change ends what could be done again. */
async function remember({ db }: Store, change: ChangeRecord): Promise<void> {
  await db.changes.where('undone').equals(1).delete()
  await db.changes.add(change)
  const count = await db.changes.count()
  if (count > KEPT_CHANGES)
    await db.changes
      .orderBy('seq')
      .limit(count - KEPT_CHANGES)
      .delete()
}

/** Is every row still as a change left it? */
export async function stillThere({ db }: Store, rows: readonly RowChange[]): Promise<boolean> {
  for (const table of DATA_TABLES) {
    const own = rows.filter((row) => row.table === table)
    if (own.length === 0) continue
    const now = await db.table(table).bulkGet(own.map(({ id }) => id))
    if (own.some(({ after }, i) => !sameValue(now[i] ?? null, after))) return false
  }
  return true
}

/** A row as it is now; undefined: there is none that can be read. */
export async function rowNow<T extends DataTable>(
  { db }: Store,
  table: T,
  id: string,
): Promise<Rows[T] | undefined> {
  const row: unknown = await db.table(table).get(id)
  const read = row === undefined ? null : readRow(table, row)
  return read?.ok ? read.row : undefined
}

function readingOf(store: Store): Reading {
  const { db } = store
  return {
    get: (table, id) => rowNow(store, table, id),
    all: async (table) => {
      const rows: unknown[] = await db.table(table).toArray()
      return rows.flatMap((row) => {
        const read = readRow(table, row)
        return read.ok ? [read.row] : []
      })
    },
    log: async (ref) => indexLog(await actsOf(store, ref)),
    bottleLog: async (bottles) => indexLog(await bottleActs(store, new Set(bottles))),
  }
}

/** Kinds of acts that fill, draw from or weigh bottles. */
const OF_BOTTLES: LoggedAct['kind'][] = ['mixed', 'filled', 'poured', 'weighed']

/** The acts that fill, draw from or weigh one of these bottles, and those that speak of them. */
async function bottleActs(store: Store, bottles: ReadonlySet<string>): Promise<LoggedAct[]> {
  const isOf = (act: LoggedAct) => bottlesOf(act).some((bottle) => bottles.has(bottle))
  const own = await store.db.acts.where('kind').anyOf(OF_BOTTLES).filter(isOf).toArray()
  return readable(await withSpeakers(store, own))
}

/** The acts of a step or a build, and those that speak of them. */
async function actsOf({ db }: Store, ref: StepRef | { build: string }): Promise<LoggedAct[]> {
  const index = db.acts.where('[build+part+step]')
  const own =
    'step' in ref
      ? await index.equals([ref.build, ref.part, ref.step]).toArray()
      : await index.between([ref.build, '', ''], [ref.build, LAST, LAST]).toArray()
  return readable(await withSpeakers({ db }, own))
}

/** Behind every id. */
const LAST = '\uffff'

function readable(acts: readonly LoggedAct[]): LoggedAct[] {
  return acts.filter((act) => readRow('acts', act).ok)
}

/** Acts, those that take them back or put their time right, and those that speak of these in turn. */
async function withSpeakers(
  { db }: Pick<Store, 'db'>,
  acts: readonly LoggedAct[],
): Promise<LoggedAct[]> {
  const all = new Map(acts.map((act) => [act.id, act]))
  for (let ids = [...all.keys()]; ids.length > 0; ) {
    const undoers = await db.acts.where('undoes').anyOf(ids).toArray()
    const correctors = await db.acts.where('corrects').anyOf(ids).toArray()
    const more = [...undoers, ...correctors].filter(({ id }) => !all.has(id))
    for (const act of more) all.set(act.id, act)
    ids = more.map(({ id }) => id)
  }
  return [...all.values()]
}
