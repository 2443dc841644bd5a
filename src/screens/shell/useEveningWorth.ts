import { useCallback, useSyncExternalStore } from 'react'

const KEY = 'tectoria-evening-worth'
const listeners = new Set<() => void>()

function read(): number {
  const stored = Number(localStorage.getItem(KEY))
  return Number.isFinite(stored) && stored > 0 ? stored : 0
}

/** How many minutes later everything may end for each evening saved: the modeller's weighing, kept in this browser. */
export function useEveningWorth(): [number, (minutes: number) => void] {
  const worth = useSyncExternalStore(
    (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
    read,
    () => 0,
  )
  const set = useCallback((minutes: number) => {
    localStorage.setItem(KEY, String(minutes))
    for (const listener of listeners) listener()
  }, [])
  return [worth, set]
}
