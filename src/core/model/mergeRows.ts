import { sameValue } from './sameValue'

/** Two sides changed the same thing differently: where, and what each has; undefined: it was removed there. */
export type RowClash = { path: string; mine: unknown; theirs: unknown }

/** Whose word counts where both changed the same. */
export type Side = 'mine' | 'theirs'

type Row = Record<string, unknown>

/**
 * What comes of two changes of one value: each field as whoever changed it left it. Lists of rows with ids are brought together row by
 * row, in an order in which both sides' rows follow what they followed; other lists are one value.
 *
 * @param base what both were made from; undefined: nothing is known of it
 * @param wins whose change counts where both changed the same
 * @param clashes is told where that was
 * Laws: with one side unchanged the other comes out; two equal sides come out as they are.
 */
export function merged(
  base: unknown,
  mine: unknown,
  theirs: unknown,
  wins: Side,
  clashes: RowClash[],
  path = '',
): unknown {
  if (sameValue(mine, theirs)) return mine
  if (base !== undefined && sameValue(base, mine)) return theirs
  if (base !== undefined && sameValue(base, theirs)) return mine
  if (isRows(mine) && isRows(theirs) && (base === undefined || isRows(base)))
    return mergedRows(base, mine, theirs, wins, clashes, path)
  if (isRow(mine) && isRow(theirs) && (base === undefined || isRow(base)))
    return mergedFields(base, mine, theirs, wins, clashes, path)
  clashes.push({ path, mine, theirs })
  return wins === 'mine' ? mine : theirs
}

function mergedFields(
  base: Row | undefined,
  mine: Row,
  theirs: Row,
  wins: Side,
  clashes: RowClash[],
  path: string,
): Row {
  const out: Row = {}
  for (const field of new Set([...Object.keys(mine), ...Object.keys(theirs)])) {
    const at = path === '' ? field : `${path}.${field}`
    const value = kept(base, mine, theirs, field, wins, clashes, at)
    if (value !== undefined) out[field] = value
  }
  return out
}

/** A field that one side doesn't have was removed there, or added by the other. */
function kept(
  base: Row | undefined,
  mine: Row,
  theirs: Row,
  field: string,
  wins: Side,
  clashes: RowClash[],
  path: string,
): unknown {
  const [was, own, other] = [base?.[field], mine[field], theirs[field]]
  if (own !== undefined && other !== undefined) return merged(was, own, other, wins, clashes, path)
  const left = own === undefined ? other : own
  if (was === undefined) return left
  if (sameValue(was, left)) return undefined
  clashes.push({ path, mine: own, theirs: other })
  return wins === 'mine' ? own : other
}

function mergedRows(
  base: readonly Row[] | undefined,
  mine: readonly Row[],
  theirs: readonly Row[],
  wins: Side,
  clashes: RowClash[],
  path: string,
): Row[] {
  const [was, own, other] = [byId(base ?? []), byId(mine), byId(theirs)]
  return orderOf(base, mine, theirs).flatMap((id): Row[] => {
    const at = `${path}[${id}]`
    const row = kept(
      was.has(id) ? { row: was.get(id) } : undefined,
      { row: own.get(id) },
      { row: other.get(id) },
      'row',
      wins,
      clashes,
      at,
    )
    return row === undefined ? [] : [row as Row]
  })
}

/** All ids: in the order of whichever side moved rows, mine if both did; what only the other has comes behind what it followed there. */
function orderOf(
  base: readonly Row[] | undefined,
  mine: readonly Row[],
  theirs: readonly Row[],
): string[] {
  const ids = (rows: readonly Row[]) => rows.map(({ id }) => String(id))
  const [was, own, other] = [ids(base ?? []), ids(mine), ids(theirs)]
  const isMoved = (now: readonly string[]) => {
    const both = was.filter((id) => now.includes(id))
    return !sameValue(
      both,
      now.filter((id) => was.includes(id)),
    )
  }
  const [first, second] = !isMoved(own) && isMoved(other) ? [other, own] : [own, other]
  const order = [...first]
  second.forEach((id, i) => {
    if (order.includes(id)) return
    const before = second.slice(0, i).findLast((one) => order.includes(one))
    order.splice(before === undefined ? 0 : order.indexOf(before) + 1, 0, id)
  })
  return order
}

function byId(rows: readonly Row[]): Map<string, Row> {
  return new Map(rows.map((row) => [String(row.id), row]))
}

function isRow(value: unknown): value is Row {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}

/** A list whose every entry has an id of its own; an empty one is one of those too. */
function isRows(value: unknown): value is Row[] {
  if (!Array.isArray(value)) return false
  const ids = value.map((row) => (isRow(row) ? row.id : undefined))
  return ids.every((id) => typeof id === 'string') && new Set(ids).size === ids.length
}
