import { PROJECT_LISTS } from '@/core/model/projectLists'
import type { RowWrite } from '@/core/model/projectRows'

/** Tables with the modeller's data: the lists, and what there is only one of. */
export const DATA_TABLES = [...PROJECT_LISTS, 'single'] as const
export type DataTable = (typeof DATA_TABLES)[number]

/** A row to write, or to take away (null). */
export type Write = RowWrite

/** One row before and after a change; null: it wasn't, or isn't, there. */
export type RowChange = { table: DataTable; id: string; before: unknown; after: unknown }

/** A change of the documents or the log that can be taken back. */
export type ChangeRecord = {
  seq?: number
  /** Epoch milliseconds. */
  at: number
  label: string
  rows: RowChange[]
  /** The tab that made it; left out: a tab of an older version. */
  by?: string
  /** 1: it was taken back, and can be done again. A number, since it is looked for by an index. */
  undone?: 0 | 1
  /** Import, demo, wipe: taken back row by row, the log too. */
  whole?: boolean
  /** Acts that took acts of this change back, by the id of the act: what doing it again takes back in turn. */
  undoers?: Record<string, string>
}

/** A picture as it is kept, and since when, epoch milliseconds. */
export type PhotoRecord = { id: string; blob: Blob; at: number }

/** What was written, for the tabs that carry their state on: rows, or too many to tell one by one. */
export type FeedRecord = { seq?: number; writes: Write[] | null }

/** A row that couldn't be read: kept apart until it is mended or thrown away. */
export type DamagedRow = {
  /** Table and id of the row. */
  id: string
  table: DataTable
  row: unknown
  problems: { path: string; found: string; expected: string }[]
  /** When it was found, epoch milliseconds. */
  at: number
}
