import { useBench } from './benchContext'
import { useReadable } from './readable'

const NOTHING = { back: null, again: null }

/** What undo would take back, and what redo would do again, in words, as it changes; null: nothing. */
export function useTurns(): { back: string | null; again: string | null } {
  // What can't be read is told by the documents.
  return useReadable(useBench().store.watched('turnsOf'))?.answer ?? NOTHING
}
