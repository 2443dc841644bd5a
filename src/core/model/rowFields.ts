import type { EditFields } from './edit'
import { sameValue } from './sameValue'

/** Fields in which a row differs from what it was; one that is gone is there, undefined. */
export function changedFields<T extends object>(
  before: T,
  after: T,
): Partial<{ [F in keyof T]: T[F] | undefined }> {
  const names = new Set([...Object.keys(before), ...Object.keys(after)]) as Set<keyof T>
  const changed = [...names].filter((name) => !sameValue(before[name], after[name]))
  return Object.fromEntries(changed.map((name) => [name, after[name]])) as Partial<T>
}

/** What isn't there any more is taken away by null. */
export function nulled(fields: object): EditFields {
  return Object.fromEntries(Object.entries(fields).map(([name, value]) => [name, value ?? null]))
}

/** A row with other fields; what is null or undefined goes. */
export function withFields<T extends object>(row: T, fields: EditFields): T {
  const next = { ...row } as Record<string, unknown>
  for (const [field, value] of Object.entries(fields))
    if (value === null || value === undefined) delete next[field]
    else next[field] = value
  return next as T
}
