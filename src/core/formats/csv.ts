import Papa from 'papaparse'
import type { Problem } from '../model/input'

/** Cells that a spreadsheet would run as a formula begin with one of these. */
const FORMULA = /^[=+\-@\t\r]/
/** What makes them text, and is taken off again when read. */
const DEFUSED = /^'(?=[=+\-@\t\r])/

/** Rows as CSV (RFC 4180), formula cells defused. Numbers are numbers, also below zero. */
export function writeCsv(
  columns: readonly string[],
  rows: readonly Readonly<Record<string, unknown>>[],
): string {
  const cell = (value: unknown) => {
    if (value === undefined || value === null) return ''
    if (typeof value === 'number') return String(value)
    const text = String(value)
    return FORMULA.test(text) ? `'${text}` : text
  }
  return Papa.unparse(
    { fields: [...columns], data: rows.map((row) => columns.map((column) => cell(row[column]))) },
    { newline: '\r\n' },
  )
}

/** One row of a CSV by its columns, empty cells left out, with the line of the file that it begins on. */
export type CsvRow = { line: number; cells: Record<string, string> }

/** Reads CSV with a head; commas, semicolons and tabs are told apart. Nothing is refused here but what is no table. */
export function readCsv(text: string): { columns: string[]; rows: CsvRow[] } | Problem {
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    skipEmptyLines: false,
  })
  const quotes = errors.find((error) => error.type === 'Quotes')
  if (quotes)
    return {
      path: `line ${(quotes.row ?? 0) + 1}`,
      found: quotes.message,
      expected: 'CSV whose quotes are closed',
    }
  const [head = [], ...body] = data
  const columns = head.map((name) => name.trim())
  if (columns.every((column) => column === ''))
    return { path: 'line 1', found: 'nothing', expected: 'the names of the columns' }
  const rows = body.flatMap((cells, i): CsvRow[] => {
    const named = columns.flatMap((column, c): [string, string][] => {
      const value = (cells[c] ?? '').trim().replace(DEFUSED, '')
      return column === '' || value === '' ? [] : [[column, value]]
    })
    return named.length === 0 ? [] : [{ line: i + 2, cells: Object.fromEntries(named) }]
  })
  return { columns, rows }
}
