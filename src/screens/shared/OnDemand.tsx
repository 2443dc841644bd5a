'use client'
import type { ReactNode } from 'react'
import { NotHere } from './NotHere'
import { usePiece } from './usePiece'

/** Draws what is loaded when it is asked for. What couldn't be had is said: in its place, or where it can be closed, once, and it is closed. */
export function OnDemand<T extends object>({
  load,
  failed,
  onClose,
  meanwhile = null,
  children,
}: {
  load: () => Promise<T>
  /** Said where it couldn't be had. */
  failed: string
  onClose?: () => void
  /** In its place until it is here. */
  meanwhile?: ReactNode
  children: (piece: T) => ReactNode
}) {
  const { piece, again } = usePiece(load, true, onClose ? failed : null, onClose)
  if (piece) return children(piece)
  return again && !onClose ? <NotHere says={failed} onAgain={again} /> : meanwhile
}
