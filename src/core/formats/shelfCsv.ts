import { type Bottle, bottleSchema } from '../model/bottle'
import { type Parsed, type Problem, parse, quote } from '../model/input'
import { readCsv, writeCsv } from './csv'

/** Columns of the shelf as CSV: the fields of a bottle. Source: docs/formats.md. */
export const SHELF_COLUMNS = [
  'id',
  'name',
  'maker',
  'family',
  'role',
  'sheen',
  'colour',
  'solvent',
  'sizeMl',
  'leftMl',
  'share',
  'workingStrength',
  'dropsPerMl',
  'state',
  'undertone',
  'hiding',
  'strength',
  'density',
  'code',
  'boughtAt',
  'price',
  'undercoat',
  'reworkHours',
  'openedOn',
  'keepsMonths',
  'note',
] as const
const NUMBERS: readonly string[] = [
  'sizeMl',
  'leftMl',
  'share',
  'dropsPerMl',
  'hiding',
  'strength',
  'density',
  'price',
  'reworkHours',
  'keepsMonths',
]
const YES_OR_NO: readonly string[] = ['workingStrength']
const NEEDED = ['name', 'family', 'role', 'sizeMl'] as const

/** The shelf as CSV (RFC 4180). */
export function shelfCsv(shelf: readonly Bottle[]): string {
  return writeCsv(SHELF_COLUMNS, shelf)
}

/** What reading a CSV into the shelf would do. */
export type ShelfPreview = {
  added: Bottle[]
  changed: { before: Bottle; after: Bottle }[]
  /** Rows that say what the shelf says already. */
  same: number
  /** Rows that don't read, each with the line of the file and why. */
  bad: { line: number; name: string; problems: Problem[] }[]
  /** Columns that aren't a bottle's, and are left out. */
  ignored: string[]
}

/**
 * What a CSV would add to the shelf and change on it. A row is a bottle's by its id, else by name, maker and family; a cell that
 * is empty changes nothing.
 *
 * @returns the preview, or why it is no table of bottles at all
 */
export function previewShelfCsv(text: string, shelf: readonly Bottle[]): Parsed<ShelfPreview> {
  const table = readCsv(text)
  if ('expected' in table) return { ok: false, problems: [table] }
  const missing = NEEDED.filter((column) => !table.columns.includes(column))
  if (missing.length > 0)
    return {
      ok: false,
      problems: [
        {
          path: 'line 1',
          found: quote(table.columns.join(', ')),
          expected: `the columns ${missing.join(', ')}`,
        },
      ],
    }
  const known: readonly string[] = SHELF_COLUMNS
  const preview: ShelfPreview = {
    added: [],
    changed: [],
    same: 0,
    bad: [],
    ignored: table.columns.filter((column) => column !== '' && !known.includes(column)),
  }
  const byId = new Map(shelf.map((bottle) => [bottle.id, bottle]))
  const byName = new Map(shelf.map((bottle) => [nameKey(bottle), bottle]))
  const taken = new Set(byId.keys())
  const seen = new Map<string, number>()
  for (const { line, cells } of table.rows) {
    const before = byId.get(cells.id ?? '') ?? byName.get(nameKey(cells))
    const id = before?.id ?? freeId(cells, taken)
    const row = { leftMl: numberIn(cells.sizeMl), ...before, ...fieldsOf(cells), id }
    const parsed = parse(bottleSchema, row)
    const twice = seen.get(id)
    if (!parsed.ok) preview.bad.push({ line, name: cells.name ?? '', problems: parsed.problems })
    else if (twice !== undefined)
      preview.bad.push({
        line,
        name: cells.name ?? '',
        problems: [
          { path: 'name', found: `the bottle of line ${twice}`, expected: 'each bottle once' },
        ],
      })
    else {
      taken.add(id)
      seen.set(id, line)
      place(preview, before, parsed.value)
    }
  }
  return { ok: true, value: preview }
}

function place(preview: ShelfPreview, before: Bottle | undefined, after: Bottle): void {
  if (!before) preview.added.push(after)
  else if (SHELF_COLUMNS.every((column) => before[column] === after[column])) preview.same++
  else preview.changed.push({ before, after })
}

function nameKey(row: { name?: unknown; maker?: unknown; family?: unknown }): string {
  return [row.name, row.maker ?? '', row.family].join('\n').toLowerCase()
}

function fieldsOf(cells: Record<string, string>): Record<string, unknown> {
  return Object.fromEntries(
    SHELF_COLUMNS.flatMap((column) =>
      cells[column] === undefined ? [] : [[column, valueIn(column, cells[column])]],
    ),
  )
}

function valueIn(column: string, text: string): unknown {
  if (NUMBERS.includes(column)) return numberIn(text)
  const answer = text.trim().toLowerCase()
  return YES_OR_NO.includes(column) && YES_NO.has(answer) ? YES_NO.get(answer) : text
}

/** Answers that read as yes or no; what is neither stays, to be refused. */
const YES_NO = new Map([
  ['true', true],
  ['yes', true],
  ['false', false],
  ['no', false],
])

/** A number with a point or a comma; what is none stays, to be refused. */
function numberIn(text: string | undefined): number | string | undefined {
  if (text === undefined) return undefined
  const number = Number(text.replace(',', '.'))
  return Number.isNaN(number) ? text : number
}

/** The row's own id, or one made of its name that nothing else has. */
function freeId(cells: Record<string, string>, taken: ReadonlySet<string>): string {
  const made = [cells.maker, cells.name]
    .join(' ')
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-|-$/g, '')
    .slice(0, 60)
  const base = cells.id ?? (made === '' ? 'bottle' : made)
  for (let n = 1; ; n++) {
    const id = n === 1 ? base : `${base}-${n}`
    if (!taken.has(id)) return id
  }
}
