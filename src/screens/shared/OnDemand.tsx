'use client'
import type { ReactNode } from 'react'
import { usePiece } from './usePiece'

/** Draws what is loaded when it is asked for. What couldn't be had is said, and closed. */
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
  const piece = usePiece(load, true, failed, onClose)
  return piece ? children(piece) : meanwhile
}
