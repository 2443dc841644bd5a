import { brokenBuild } from '@/core/formats/brokenBuild'
import { missingIn } from '@/core/formats/stepProblems'
import { type Problem, parse, quote } from '@/core/model/input'
import type { DataTable } from '../tables'
import { ROW_SCHEMAS, type Rows } from './schemas'

export type ReadRow<T extends DataTable> =
  | { ok: true; row: Rows[T] }
  | { ok: false; problems: Problem[] }

/** Half of a character that needs two: no text of a page or an address can hold it. */
const HALF_CHARACTER = /\p{Surrogate}/u

/**
 * Reads a row of a table, as every row is read when it is loaded and before it is written.
 *
 * @returns the row, or every problem with path, found and expected; never throws
 */
export function readRow<T extends DataTable>(table: T, row: unknown): ReadRow<T> {
  const broken = brokenText(row)
  if (broken) {
    const path = broken.path.replace(/^[.]/, '')
    const expected = 'text of whole characters'
    return { ok: false, problems: [{ path, found: quote(mendText(broken.text)), expected }] }
  }
  const parsed = parse(ROW_SCHEMAS[table] as never, row)
  if (!parsed.ok) return parsed
  const problems = BEYOND_SHAPE[table]?.(parsed.value as never) ?? []
  return problems.length > 0 ? { ok: false, problems } : { ok: true, row: parsed.value as Rows[T] }
}

/** What of a row its shape doesn't say, and without which nothing could be reckoned. */
const BEYOND_SHAPE: { [T in DataTable]?: (row: never) => Problem[] } = {
  builds: (build: Rows['builds']) => brokenBuild(build),
  techniques: (technique: Rows['techniques']) => missingIn(technique.steps),
}

/**
 * The first text with half a character in it, wherever it stands. Asked of every row of years: its path is put together on the way
 * back, where there is one.
 */
function brokenText(value: unknown): { path: string; text: string } | null {
  if (typeof value === 'string')
    return HALF_CHARACTER.test(value) ? { path: '', text: value } : null
  if (typeof value !== 'object' || value === null) return null
  for (const [field, inner] of Object.entries(value)) {
    const found = brokenText(inner)
    if (!found) continue
    const step = Array.isArray(value) ? `[${field}]` : `.${field}`
    return { ...found, path: `${step}${found.path}` }
  }
  return null
}

/** The text with a mark where half a character stood. */
function mendText(text: string): string {
  return text.replaceAll(new RegExp(HALF_CHARACTER, 'gu'), '\u{FFFD}')
}

/** What can be mended of a row without asking: broken text. */
export function mendRow(row: unknown): unknown {
  if (typeof row === 'string') return mendText(row)
  if (Array.isArray(row)) return row.map(mendRow)
  if (typeof row !== 'object' || row === null) return row
  return Object.fromEntries(Object.entries(row).map(([field, inner]) => [field, mendRow(inner)]))
}
