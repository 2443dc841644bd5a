import { useEffect, useMemo } from 'react'
import type { Findable } from '@/core/search'
import { useParts, useProject } from '@/state/hooks'
import { useOnDemand } from '@/ui/useOnDemand'
import { SCREENS } from './screens'
import { useHandbook } from './useHandbook'

/** So many are shown. */
const MOST = 9

type Index = typeof import('./findable')

/** Why nothing can be found yet: what makes the index is on its way, or couldn't be had. */
type NotYet = 'coming' | 'failed'

const loadIndexing = () => import('./findable')

/** What makes the index: it knows every technique and fault, and no page waits for it. */
function useIndexing(open: boolean): Index | NotYet {
  const [indexing, want] = useOnDemand(loadIndexing)
  // biome-ignore lint/correctness/useExhaustiveDependencies: what couldn't be had is asked for again at the next opening
  useEffect(want, [open, want])
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
