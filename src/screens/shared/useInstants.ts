import { useEffect } from 'react'
import { useOnDemand } from '@/ui/useOnDemand'
import { zoneHere } from './sessionZone'

const load = () => import('@/core/formats/text/saidInstant')

/** The instant that a text means, epoch milliseconds; null: none; 'coming': what reads it isn't here yet. */
export type ReadInstant = (text: string, now: number) => number | null | 'coming'

/** Reads times as people say them, by the clock here. What reads them comes when the first is typed, and is asked for again by the next. */
export function useInstants(typed: string): ReadInstant {
  const [piece, want] = useOnDemand(load)
  const isTyped = typed.trim() !== ''
  // biome-ignore lint/correctness/useExhaustiveDependencies: what couldn't be had is asked for again as it is typed on
  useEffect(() => {
    if (isTyped && typeof piece !== 'object') want()
  }, [typed, want])
  return (text, now) => {
    if (text.trim() === '') return null
    return typeof piece === 'object' ? piece.saidInstant(text, now, zoneHere()) : 'coming'
  }
}

/** Is it a time that has been? */
export function isPast(at: ReturnType<ReadInstant>, now: number): at is number {
  return typeof at === 'number' && at <= now
}
