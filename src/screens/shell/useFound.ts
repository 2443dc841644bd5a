import { useEffect, useMemo, useState } from 'react'
import type { Findable } from '@/core/search'
import { useParts, useProject } from '@/state/hooks'
import { SCREENS } from './screens'
import { useHandbook } from './useHandbook'

/** So many are shown. */
const MOST = 9

type Index = typeof import('./findable')

/** What is on the screen comes first: then what finds, ms after the page came, or as soon as it is wanted. */
const SETTLED = 2000

/** Why nothing can be found yet: what makes the index is on its way, or couldn't be had. */
type NotYet = 'coming' | 'failed'

/** What makes the index: it knows every technique and fault, and no page waits for it. */
function useIndexing(open: boolean): Index | NotYet {
  const [indexing, setIndexing] = useState<Index | NotYet>('coming')
  const isHere = typeof indexing === 'object'
  useEffect(() => {
    if (isHere) return
    const load = () => void import('./findable').then(setIndexing, () => setIndexing('failed'))
    const waiting = setTimeout(load, open ? 0 : SETTLED)
    return () => clearTimeout(waiting)
  }, [open, isHere])
  return indexing
}

/** What is found, or why nothing can be yet; the index is made when the finder is opened. */
export function useFound(open: boolean, query: string): Findable[] | NotYet {
  const project = useProject()
  const parts = useParts()
  const handbook = useHandbook(open)
  const indexing = useIndexing(open)
  const index = useMemo(
    () =>
      open && typeof indexing === 'object' ? indexing.indexOf(project, parts, handbook) : null,
    [open, indexing, project, parts, handbook],
  )
  return useMemo(() => {
    if (query.trim() === '') return FIRST
    if (index) return index.find(query, MOST)
    return indexing === 'failed' ? 'failed' : 'coming'
  }, [index, indexing, query])
}

/** What is offered before anything is typed. */
const FIRST: Findable[] = SCREENS.map(({ say, href }) => ({
  id: `screen ${href}`,
  kind: 'screen',
  says: say,
  to: href,
}))
