'use client'
import { type ReactNode, useEffect } from 'react'
import { useSay } from '@/state/hooks'
import { useOnDemand } from '@/ui/useOnDemand'

/** Draws what is loaded when it is asked for. What couldn't be had is said, and closed. */
export function OnDemand<T extends object>({
  load,
  failed,
  onClose,
  children,
}: {
  load: () => Promise<T>
  /** Said where it couldn't be had. */
  failed: string
  onClose?: () => void
  children: (piece: T) => ReactNode
}) {
  const [piece, want] = useOnDemand(load)
  const say = useSay()
  useEffect(want, [want])
  useEffect(() => {
    if (piece !== 'failed') return
    say(failed)
    onClose?.()
  }, [piece, say, failed, onClose])
  return typeof piece === 'object' && children(piece)
}
