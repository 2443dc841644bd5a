import { useEffect } from 'react'
import { useOnDemand } from '@/ui/useOnDemand'

const load = () => import('./outlines')

/** The outline of a part; null: it has none, or what draws outlines isn't here yet. */
export type OutlineOf = typeof import('./outlines')['outlineOf']

const NONE: OutlineOf = () => null

/** Draws outlines of parts. What does it is asked for with the page's frame and comes while the documents are read. */
export function useOutlines(): OutlineOf {
  const [piece, want] = useOnDemand(load)
  useEffect(want, [want])
  return typeof piece === 'object' ? piece.outlineOf : NONE
}
