import type { Project } from './project'
import { PROJECT_LISTS, type ProjectList } from './projectLists'

/** A row that was written; null: it is gone. `single` holds the sessions and the fields that no list has. */
export type RowWrite = { table: ProjectList | 'single'; id: string; row: unknown | null }

/**
 * A project after rows of it were written. Lists that weren't touched stay the same objects; what is new comes last, so that
 * a log stays the old log with acts added.
 */
export function applyRows(project: Project, writes: readonly RowWrite[]): Project {
  let next = project
  for (const list of PROJECT_LISTS) {
    const own = writes.filter(({ table }) => table === list)
    if (own.length > 0) next = { ...next, [list]: withRows(next[list] ?? [], own) }
  }
  for (const { table, id, row } of writes) if (table === 'single') next = withSingle(next, id, row)
  return next
}

type Row = { id: string }

/** Where the rows of a list stand, by id: carried on from list to list, since a log is long and grows by one. */
const placesOf = new WeakMap<readonly Row[], Map<string, number>>()

function withRows(rows: readonly Row[], writes: readonly RowWrite[]): Row[] {
  const places = placesOf.get(rows) ?? new Map(rows.map(({ id }, place) => [id, place]))
  const written = new Map(writes.map(({ id, row }) => [id, row as Row | null]))
  const added = [...written].flatMap(([id, row]) => (row && !places.has(id) ? [row] : []))
  for (const [i, { id }] of added.entries()) places.set(id, rows.length + i)
  // One copy, however long the list.
  const next = rows.concat(added)
  const gone = new Set<number>()
  for (const [id, row] of written) {
    const place = places.get(id)
    if (place === undefined) continue
    if (row === null) gone.add(place)
    else next[place] = row
  }
  placesOf.delete(rows)
  if (gone.size > 0) return next.filter((_, place) => !gone.has(place))
  placesOf.set(next, places)
  return next
}

function withSingle(project: Project, id: string, row: unknown): Project {
  const value = (row as { value?: unknown } | null)?.value ?? null
  if (id === 'sessions') return { ...project, sessions: value as Project['sessions'] }
  return { ...project, ...((value as Record<string, unknown> | null) ?? {}) }
}
