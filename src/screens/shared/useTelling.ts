import { useSyncExternalStore } from 'react'
import { onTelling, type Telling, telling } from '@/ui/units'

/** In which units and by which locale things are told; drawn again when that changes. */
export function useTelling(): Telling {
  return useSyncExternalStore(onTelling, telling, telling)
}
