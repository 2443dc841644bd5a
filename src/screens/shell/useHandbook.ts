import { useEffect, useState } from 'react'
import type { Findable } from '@/core/search'
import type { HandbookSection } from '../shared/handbookSection'

/** What the handbook has to be found, asked for once the finder is opened; nothing while it can't be had. */
export function useHandbook(open: boolean): readonly Findable[] {
  const [sections, setSections] = useState<readonly Findable[]>([])
  const wanted = open && sections.length === 0
  useEffect(() => {
    if (!wanted) return
    let isGone = false
    fetch('/handbook/sections')
      .then((answer) => answer.json())
      .then((found: readonly HandbookSection[]) => {
        if (!isGone) setSections(found.map(findableOf))
      })
      // Without it everything else is found as ever.
      .catch(() => undefined)
    return () => {
      isGone = true
    }
  }, [wanted])
  return sections
}

function findableOf({ says, to, is }: HandbookSection): Findable {
  return is === 'rule'
    ? { id: to, kind: 'rule', says: says.replaceAll('-', ' '), to }
    : { id: to, kind: 'chapter', says, to }
}
