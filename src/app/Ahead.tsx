'use client'
import { usePathname } from 'next/navigation'
import { useEffect } from 'react'
import { loadSample } from '@/screens/build/pieces'
import { loadEvenings } from '@/screens/plan/pieces'
import { loadAhead } from '@/ui/useOnDemand'

/** What a screen shows first and hasn't in its frame. */
const FIRST: readonly { at: RegExp; load: () => Promise<object> }[] = [
  { at: /^\/plan$/, load: loadEvenings },
  { at: /^\/builds\/./, load: loadSample },
]

/** Loads what a screen shows first while its documents are read: the screen itself isn't drawn before. */
export function Ahead() {
  const path = usePathname()
  useEffect(() => {
    const first = FIRST.find(({ at }) => at.test(path))
    if (first) loadAhead(first.load)
  }, [path])
  return null
}
