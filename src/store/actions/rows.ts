import { sameValue } from '@/core/model/sameValue'
import { GONE } from '../reason'
import type { Rows } from '../rows/schemas'
import type { Store } from '../store'
import type { Write } from '../tables'
import { type Decision, type Reading, transact, type Written } from '../transact'

/** Fields of a row to change; undefined takes one away. */
export type Fields<T> = Partial<{ [F in keyof T]: T[F] | undefined }>

/** Tables of which single rows are kept by hand. */
type RowTable = Exclude<keyof Rows, 'acts'>

/** A row as it is to be written. */
export function put<T extends keyof Rows>(table: T, row: Rows[T]): Write {
  return { table, id: (row as { id: string }).id, row }
}

/** A row to take away. */
export function away(table: keyof Rows, id: string): Write {
  return { table, id, row: null }
}

/** A row with some fields changed; what is undefined isn't in it. */
export function withFields<T extends object>(row: T, fields: Fields<T>): T {
  const next = { ...row, ...fields }
  return Object.fromEntries(Object.entries(next).filter(([, value]) => value !== undefined)) as T
}

/** Why a change that was reckoned from a row isn't written: the row is another one by now. */
export const STALE: Decision = {
  refused: 'This was changed at the same time somewhere else, and stays as it is now.',
  stale: true,
}

/**
 * Changes fields of a row as it is now, whatever was changed of it meanwhile.
 *
 * @param from the row that they were reckoned from: another by now, nothing is written; null: they hold for any
 */
export async function change<T extends RowTable>(
  read: Reading,
  table: T,
  id: string,
  fields: Fields<Rows[T]>,
  label: string,
  from: Rows[T] | null = null,
): Promise<Decision> {
  const row = await read.get(table, id)
  if (!row) return { refused: GONE }
  if (from && !sameValue(row, from)) return STALE
  return { label, writes: [put(table, withFields(row as object, fields as never) as Rows[T])] }
}

/** Changes fields of a row that they were reckoned from, while it still is that row. */
export function changeRow<T extends RowTable>(
  store: Store,
  table: T,
  from: Rows[T],
  fields: Fields<Rows[T]>,
  label: string,
): Promise<Written> {
  const { id } = from as { id: string }
  return transact(store, (read) => change(read, table, id, fields, label, from))
}
