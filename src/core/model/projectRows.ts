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

function withRows(rows: readonly { id: string }[], writes: readonly RowWrite[]): { id: string }[] {
  const left = new Map(writes.map(({ id, row }) => [id, row as { id: string } | null]))
  const kept: { id: string }[] = []
  for (const row of rows) {
    const written = left.get(row.id)
    if (written === undefined) kept.push(row)
    else {
      left.delete(row.id)
      if (written !== null) kept.push(written)
    }
  }
  for (const row of left.values()) if (row !== null) kept.push(row)
  return kept
}

function withSingle(project: Project, id: string, row: unknown): Project {
  const value = (row as { value?: unknown } | null)?.value ?? null
  if (id === 'sessions') return { ...project, sessions: value as Project['sessions'] }
  return { ...project, ...((value as Record<string, unknown> | null) ?? {}) }
}
