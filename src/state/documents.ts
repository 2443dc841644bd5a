import { inTime } from '@/core/log/progress'
import type { LoggedAct } from '@/core/model/loggedAct'
import type { Project } from '@/core/model/project'
import { applyRows } from '@/core/model/projectRows'
import type { StockState } from '@/core/stock'
import { stockStateOf } from '@/core/stock/stockState'
import type { Damaged } from '@/store/actions/damaged'
import type { TextAt } from '@/store/keptBench'
import { reasonOf } from '@/store/reason'
import type { Write } from '@/store/tables'
import { type AsText, projectOfText, tellingAsText, textOf } from './asText'
import { type Readable, writable } from './readable'
import { onAnswer, type StoreClient } from './storeClient'

/** The documents of the browser, carried on from write to write, whichever tab wrote. */
export type Documents = {
  /** null until they are read. */
  stock: Readable<StockState | null>
  /** Up to which write they are read. */
  seq: () => number
  /** Why they can't be read; null: they can. */
  failure: Readable<string | null>
  /** Rows that couldn't be read and lie apart. */
  damaged: Readable<readonly Damaged[]>
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
export function documentsOf(store: StoreClient): Documents {
  const stock = writable<StockState | null>(null)
  const failure = writable<string | null>(null)
  const damaged = writable<readonly Damaged[]>([])
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
  const read = async (how: 'readFirst' | 'readAll') => {
    const found = await store.ask(how)
    seq = found.seq
    told.read(found)
    // Workers are given it, and begin with theirs, before this page does.
    await new Promise((resolve) => setTimeout(resolve))
    put(asIfRead(projectOfText(found.text), found.since))
  }
  const takeIn = async () => {
    const news = await store.ask('writesAfter', seq)
    const [first] = news
    if (!first) return
    const missed = first.seq !== seq + 1 || news.some(({ writes }) => writes === null)
    if (missed || !stock.get()) return read('readAll')
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
      void inTurn(() => read('readFirst')).then(() => {
        if (ended) return
        end = listen(store, {
          written: (last) => last > seq && void inTurn(takeIn),
          apart: damaged.set,
          failed: failure.set,
        })
      })
      return () => {
        ended = true
        end()
      }
    },
  }
}

/** Hears of writes by the newest one, and what lies apart. @returns ends the hearing */
function listen(
  store: StoreClient,
  hear: {
    written: (newest: number) => void
    apart: (rows: readonly Damaged[]) => void
    failed: (why: string) => void
  },
): () => void {
  const ends = [
    onAnswer(store.watched('newest'), hear.written, hear.failed),
    onAnswer(store.watched('damagedRows'), hear.apart, hear.failed),
  ]
  return () => {
    for (const end of ends) end()
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
