import type { ReactNode } from 'react'
import type { Severity } from '@/core/model/vocabulary'
import type { SectionFilm } from './SectionDrawing'

/** One step in the sample. */
export type SampleRow = {
  id: string
  name: string
  /** Family, coats, tool in a few words. */
  detail: string
  /** When: a clock time, or how long it waits. */
  when: string
  /** Shown small beside it: what it could be at the earliest; null: that is when it is. */
  soonest: string | null
  /** What it adds to the section. */
  film: SectionFilm
  done: boolean
  current: boolean
  /** What is wrong at the boundary under it, and how grave the gravest of it is. */
  findings: ReactNode
  worst: Severity | null
  /** The stage of work it belongs to: neighbours of one stage fold together. */
  stage: string
}

/** Neighbours of one stage. */
export type StageRows = { first: string; name: string; rows: readonly SampleRow[] }

/** Stages are told, and fold, from so many steps on. */
const MANY = 12

/** Rows by their stages, in order of work; few rows are one stage without a name. */
export function stagesOf(rows: readonly SampleRow[]): StageRows[] {
  if (rows.length < MANY) return [{ first: '', name: '', rows }]
  const firsts = rows.flatMap((row, i) => (row.stage === rows[i - 1]?.stage ? [] : [i]))
  return firsts.map((from, i) => {
    const own = rows.slice(from, firsts[i + 1])
    return { first: own[0]?.id ?? '', name: own[0]?.stage ?? '', rows: own }
  })
}

/** Dropped on a later step it goes behind it, dropped on an earlier one in front of it. */
export function placeBefore(
  rows: readonly SampleRow[],
  active: string,
  over: string,
): string | null {
  const from = rows.findIndex((row) => row.id === active)
  const to = rows.findIndex((row) => row.id === over)
  if (to < 0) return null
  return to > from ? (rows[to + 1]?.id ?? null) : over
}

/** Where a row comes to stand one place later or earlier, as `placeBefore` says it; undefined: what is done stays, and so does what would pass it. */
export function shiftedBefore(
  rows: readonly SampleRow[],
  id: string,
  by: 1 | -1,
): string | null | undefined {
  const at = rows.findIndex((row) => row.id === id)
  const target = rows[at + by]
  if (!target || target.done || rows[at]?.done) return undefined
  return placeBefore(rows, id, target.id)
}

/** The rows with one of them put before another; null: at the end. */
export function putBefore(
  rows: readonly SampleRow[],
  id: string,
  before: string | null,
): readonly SampleRow[] {
  const row = rows.find((row) => row.id === id)
  if (!row || before === id) return rows
  const rest = rows.filter((otherRow) => otherRow !== row)
  const at = before === null ? rest.length : rest.findIndex((otherRow) => otherRow.id === before)
  return rest.toSpliced(at < 0 ? rest.length : at, 0, row)
}
