import { inTime } from '@/core/log/progress'
import { asciiText } from './asciiText'
import { projectOf } from './documents'
import { keptBench, type TextAt } from './keptBench'
import { loadRows } from './rows/loadRows'
import type { Store } from './store'
import type { Write } from './tables'

/** The documents as text, and what was written since that is not in it. */
export type ReadText = TextAt & {
  since: readonly Write[]
  /** Is it kept for the next load already? */
  isKept: boolean
}

/** All documents, row by row. */
export async function readAll(store: Store): Promise<ReadText> {
  const { tables, seq } = await loadRows(store)
  const project = projectOf(tables)
  if (project.acts) project.acts = inTime(project.acts)
  return { text: asciiText(project), seq, since: [], isKept: false }
}

/** What a page begins with: years of it come as one text, where it is kept. */
export async function readFirst(store: Store): Promise<ReadText> {
  const kept = await keptBench(store).catch(() => null)
  // Which of the fields that no list has are gone, only the row itself says.
  if (!kept || kept.writes.some(({ table, id }) => table === 'single' && id === 'extra'))
    return readAll(store)
  const { text, seq, writes } = kept
  return { text, seq, since: writes, isKept: true }
}
