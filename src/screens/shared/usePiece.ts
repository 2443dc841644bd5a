import { useEffect, useRef } from 'react'
import { useSay } from '@/state/hooks'
import { useOnDemand } from '@/ui/useOnDemand'

/** What is loaded when it is wanted. */
export type Piece<T> = {
  /** null: it isn't here, or isn't wanted. */
  piece: T | null
  /** Asks for it once more; null: it may still come, or nobody wants it. */
  again: (() => void) | null
}

/**
 * A piece of the screen.
 *
 * @param load loads it; the same function at every call
 * @param failed said where it couldn't be had; null: whoever wants it says so in its place
 */
export function usePiece<T extends object>(
  load: () => Promise<T>,
  wanted: boolean,
  failed: string | null,
  onFailed?: () => void,
): Piece<T> {
  const [piece, want] = useOnDemand(load)
  const say = useSay()
  useEffect(() => {
    if (wanted) want()
  }, [wanted, want])
  const close = useRef(onFailed)
  close.current = onFailed
  useEffect(() => {
    if (piece !== 'failed') return
    if (failed !== null) say(failed)
    close.current?.()
  }, [piece, say, failed])
  return {
    piece: wanted && typeof piece === 'object' ? piece : null,
    again: wanted && piece === 'failed' ? want : null,
  }
}
