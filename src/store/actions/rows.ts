import type { Rows } from '../rows/schemas'
import type { Write } from '../tables'
import type { Decision, Reading } from '../transact'

/** Fields of a row to change; undefined takes one away. */
export type Fields<T> = Partial<{ [F in keyof T]: T[F] | undefined }>

/** Tables of which single rows are kept by hand. */
type RowTable = Exclude<keyof Rows, 'acts' | 'single'>

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

/** Why a row can't be changed. */
export const GONE = 'This isn’t there any more: it was removed meanwhile.'

/** Changes fields of a row as it is now, whatever was changed of it meanwhile. */
export async function change<T extends RowTable>(
  read: Reading,
  table: T,
  id: string,
  fields: Fields<Rows[T]>,
  label: string,
): Promise<Decision> {
  const row = await read.get(table, id)
  return row
    ? { label, writes: [put(table, withFields(row as object, fields as never) as Rows[T])] }
    : { refused: GONE }
}
