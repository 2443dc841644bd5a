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
  const broken = isWhole(row) ? null : brokenText(row, '')
  if (broken) return { ok: false, problems: [broken] }
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

/** Has no text half a character in it? Asked of every row of years: where one stands is looked for only then. */
function isWhole(value: unknown): boolean {
  if (typeof value === 'string') return !HALF_CHARACTER.test(value)
  if (typeof value !== 'object' || value === null) return true
  return Object.values(value).every(isWhole)
}

/** The first text with half a character in it, wherever it stands. */
function brokenText(value: unknown, path: string): Problem | null {
  if (typeof value === 'string')
    return HALF_CHARACTER.test(value)
      ? { path, found: quote(mendText(value)), expected: 'text of whole characters' }
      : null
  if (typeof value !== 'object' || value === null) return null
  for (const [field, inner] of Object.entries(value)) {
    const step = Array.isArray(value) ? `[${field}]` : path === '' ? field : `.${field}`
    const found = brokenText(inner, `${path}${step}`)
    if (found) return found
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
