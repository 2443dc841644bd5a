import type { Climate } from '@/core/model/climate'
import { useStock } from '@/state/hooks'

/** The room as it was last read; the reference room where it never was. */
export function useLatestClimate(): Climate {
  return useStock().room.latest
}
