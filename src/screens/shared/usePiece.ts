import { useEffect, useRef } from 'react'
import { useSay } from '@/state/hooks'
import { useOnDemand } from '@/ui/useOnDemand'

/**
 * What is loaded when it is wanted; what couldn't be had is said.
 *
 * @param load loads it; the same function at every call
 * @param failed said where it couldn't be had
 * @returns null: it isn't here, or isn't wanted
 */
export function usePiece<T extends object>(
  load: () => Promise<T>,
  wanted: boolean,
  failed: string,
  onFailed?: () => void,
): T | null {
  const [piece, want] = useOnDemand(load)
  const say = useSay()
  useEffect(() => {
    if (wanted) want()
  }, [wanted, want])
  const close = useRef(onFailed)
  close.current = onFailed
  useEffect(() => {
    if (piece !== 'failed') return
    say(failed)
    close.current?.()
  }, [piece, say, failed])
  return wanted && typeof piece === 'object' ? piece : null
}
