import { liveQuery } from 'dexie'
import { inTime } from '@/core/log/progress'
import type { Project } from '@/core/model/project'
import { applyRows } from '@/core/model/projectRows'
import type { StockState } from '@/core/stock'
import { stockStateOf } from '@/core/stock/stockState'
import { projectOf } from '@/store/documents'
import { reasonOf } from '@/store/reason'
import { loadRows } from '@/store/rows/loadRows'
import type { Store } from '@/store/store'
import type { DamagedRow, FeedRecord, Write } from '@/store/tables'
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
  /** One after the other: a write that comes while everything is read waits for it. */
  let line: Promise<void> = Promise.resolve()

  const tell = (writes: readonly Write[] | null) => {
    for (const hear of listeners) hear(writes)
  }
  const readAll = async () => {
    const loaded = await loadRows(store)
    seq = loaded.seq
    const project = projectOf(loaded.tables)
    if (project.acts) project.acts = inTime(project.acts)
    stock.set(stockStateOf(project, stock.get() ?? undefined))
    tell(null)
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
    start: () => {
      let hearing: { unsubscribe: () => void }[] = []
      let ended = false
      void inTurn(readAll).then(() => {
        if (ended) return
        const feed = liveQuery(() => store.db.feed.where('seq').above(seq).toArray())
        const apart = liveQuery(() => store.db.damaged.toArray())
        const fail = (error: unknown) => failure.set(reasonOf(error))
        hearing = [
          feed.subscribe({ next: (records) => void inTurn(() => takeIn(records)), error: fail }),
          apart.subscribe({ next: (rows) => damaged.set(rows), error: fail }),
        ]
      })
      return () => {
        ended = true
        for (const query of hearing) query.unsubscribe()
      }
    },
  }
}

/** The project as it is stored. */
export function givenProject(stock: StockState): Project {
  return stock.memo.given
}

const textOf = new WeakMap<Project, string>()

/** The project as text for a worker: written once for all of them. */
export function givenText(stock: StockState): string {
  const given = givenProject(stock)
  const text = textOf.get(given) ?? JSON.stringify(given)
  textOf.set(given, text)
  return text
}
