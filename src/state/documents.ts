import { liveQuery } from 'dexie'
import { inTime } from '@/core/log/progress'
import type { LoggedAct } from '@/core/model/loggedAct'
import type { Project } from '@/core/model/project'
import { applyRows } from '@/core/model/projectRows'
import type { StockState } from '@/core/stock'
import { stockStateOf } from '@/core/stock/stockState'
import { projectOf } from '@/store/documents'
import { keptBench, type TextAt } from '@/store/keptBench'
import { reasonOf } from '@/store/reason'
import { loadRows } from '@/store/rows/loadRows'
import type { Store } from '@/store/store'
import type { DamagedRow, FeedRecord, Write } from '@/store/tables'
import { type AsText, projectOfText, tellingAsText, textOf } from './asText'
import { type Readable, writable } from './readable'

/** The documents of the browser, carried on from write to write, whichever tab wrote. */
export type Documents = {
  /** null until they are read. */
  stock: Readable<StockState | null>
  /** Up to which write they are read. */
  seq: () => number
  /** Why they can't be read; null: they can. */
  failure: Readable<string | null>
  /** Rows that couldn't be read and lie apart. */
  damaged: Readable<readonly DamagedRow[]>
  /** Hears what was written; null: everything was read anew. */
  onWrites: (hear: (writes: readonly Write[] | null) => void) => () => void
  /** As workers are told of them: a text, and what was written since it was made. */
  asText: () => AsText
  /** Waits until they were read once; what follows from them is reckoned later. */
  wasRead: () => Promise<void>
  /** What is worth keeping for the next load; null: nothing that isn't kept already. */
  toKeep: () => TextAt | null
  /** Reads and listens. @returns ends the listening */
  start: () => () => void
}

/** The documents of a store. Nothing of them is stored here as truth: they can be read anew at any time. */
export function documentsOf(store: Store): Documents {
  const stock = writable<StockState | null>(null)
  const failure = writable<string | null>(null)
  const damaged = writable<readonly DamagedRow[]>([])
  const listeners = new Set<(writes: readonly Write[] | null) => void>()
  let seq = 0
  const told = tellingAsText()
  /** One after the other: a write that comes while everything is read waits for it. */
  let line: Promise<void> = Promise.resolve()

  const tell = (writes: readonly Write[] | null) => {
    for (const hear of listeners) hear(writes)
  }
  const put = (project: Project) => {
    stock.set(stockStateOf(project, stock.get() ?? undefined))
    tell(null)
  }
  const readAll = async () => {
    const loaded = await loadRows(store)
    seq = loaded.seq
    const project = projectOf(loaded.tables)
    if (project.acts) project.acts = inTime(project.acts)
    told.read({ text: () => textOf(project), seq, since: [], isKept: false })
    put(project)
  }
  /** What is there first: years of it come as one text, where it is kept. */
  const readFirst = async () => {
    const kept = await keptBench(store).catch(() => null)
    // Which of the fields that no list has are gone, only the row itself says.
    if (!kept || kept.writes.some(({ table, id }) => table === 'single' && id === 'extra'))
      return readAll()
    seq = kept.seq
    const { text, writes } = kept
    told.read({ text: () => text, seq, since: writes, isKept: true })
    // Workers are given it, and begin with theirs, before this page does.
    await new Promise((resolve) => setTimeout(resolve))
    put(asIfRead(projectOfText(text), writes))
  }
  const takeIn = async (records: readonly FeedRecord[]) => {
    const news = records.filter((record) => (record.seq ?? 0) > seq)
    const [first] = news
    if (!first) return
    const missed = first.seq !== seq + 1 || news.some(({ writes }) => writes === null)
    if (missed || !stock.get()) return readAll()
    const writes = news.flatMap((record) => record.writes ?? [])
    seq = news.at(-1)?.seq ?? seq
    const before = stock.get() as StockState
    told.wrote(writes)
    stock.set(stockStateOf(applyRows(before.memo.given, writes), before))
    tell(writes)
  }
  const inTurn = (work: () => Promise<void>) => {
    line = line.then(work).catch((error: unknown) => failure.set(reasonOf(error)))
    return line
  }

  return {
    stock,
    failure,
    damaged,
    seq: () => seq,
    onWrites: (hear) => {
      listeners.add(hear)
      return () => listeners.delete(hear)
    },
    asText: () => {
      const now = stock.get()
      return told.asText(now && { project: givenProject(now), seq })
    },
    wasRead: told.wasRead,
    toKeep: told.toKeep,
    start: () => {
      let end = () => {}
      let ended = false
      void inTurn(readFirst).then(() => {
        if (ended) return
        end = listen(store, () => seq, {
          records: (records) => void inTurn(() => takeIn(records)),
          apart: damaged.set,
          error: (error) => failure.set(reasonOf(error)),
        })
      })
      return () => {
        ended = true
        end()
      }
    },
  }
}

/** Hears what was written after a write, and what lies apart. @returns ends the hearing */
function listen(
  { db }: Store,
  after: () => number,
  hear: {
    records: (records: readonly FeedRecord[]) => void
    apart: (rows: readonly DamagedRow[]) => void
    error: (error: unknown) => void
  },
): () => void {
  const { error } = hear
  const feed = liveQuery(() => db.feed.where('seq').above(after()).toArray())
  const apart = liveQuery(() => db.damaged.toArray())
  const hearing = [
    feed.subscribe({ next: hear.records, error }),
    apart.subscribe({ next: hear.apart, error }),
  ]
  return () => {
    for (const query of hearing) query.unsubscribe()
  }
}

/** The project as it is stored. */
export function givenProject(stock: StockState): Project {
  return stock.memo.given
}

/** Documents with rows that were written since, in the order in which they are read. */
function asIfRead(project: Project, writes: readonly Write[]): Project {
  const next = applyRows(project, writes)
  for (const list of new Set(writes.map(({ table }) => table))) {
    if (list === 'single') continue
    const rows = [...(next[list] ?? [])].sort((a, b) => (a.id < b.id ? -1 : 1))
    Object.assign(next, { [list]: list === 'acts' ? inTime(rows as LoggedAct[]) : rows })
  }
  return next
}

/** The project as it is stored, as text. */
export function givenText(stock: StockState): string {
  return textOf(givenProject(stock))
}
