import { useEffect } from 'react'
import { useOnDemand } from '@/ui/useOnDemand'
import { zoneHere } from './sessionZone'

const load = () => import('@/core/formats/text/saidInstant')

/** The instant that a text means, epoch milliseconds; null: none; 'coming': what reads it isn't here yet. */
export type ReadInstant = (text: string, now: number) => number | null | 'coming'

/**
 * Reads times as people say them, by the clock here. What reads them comes when there is a field for them, and is asked for again as it is
 * typed on.
 *
 * @param typed what is in the field; null: there is none
 */
export function useInstants(typed: string | null): ReadInstant {
  const [piece, want] = useOnDemand(load)
  // biome-ignore lint/correctness/useExhaustiveDependencies: what couldn't be had is asked for again as it is typed on
  useEffect(() => {
    if (typed !== null && typeof piece !== 'object') want()
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
