import { useSyncExternalStore } from 'react'
import { hearClock, shownNow } from '@/state/clock'

/** Now, about every so many milliseconds: a component that shows minutes is not redrawn every second. */
export function useNow(step = 1000): number {
  return useSyncExternalStore(
    hearClock,
    () => shownNow(step),
    () => 0,
  )
}
