import { liveQuery } from 'dexie'
import { useEffect, useState } from 'react'
import { turnsOf } from '@/store/undo'
import { useBench } from './hooks'

const NOTHING = { back: null, again: null }

/** What undo would take back, and what redo would do again, in words, as it changes; null: nothing. */
export function useTurns(): { back: string | null; again: string | null } {
  const { store } = useBench()
  const [turns, setTurns] = useState<Awaited<ReturnType<typeof turnsOf>>>(NOTHING)
  useEffect(() => {
    // What can't be read is told by the documents.
    const reading = liveQuery(() => turnsOf(store)).subscribe(setTurns, () => setTurns(NOTHING))
    return () => reading.unsubscribe()
  }, [store])
  return turns
}
