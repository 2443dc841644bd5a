'use client'

import { type ReactNode, useEffect, useState } from 'react'
import { loadDemo, shouldLoadDemo } from '@/store/actions/documents'

/** Puts the demo on an empty bench when the server was started for it. */
export function DemoOnOpening({ wanted, children }: { wanted: boolean; children: ReactNode }) {
  const [ready, setReady] = useState(!wanted)
  useEffect(() => {
    if (!wanted) return
    let gone = false
    const load = async () => {
      if (await shouldLoadDemo()) await loadDemo(Date.now())
      if (!gone) setReady(true)
    }
    load().catch(() => setReady(true))
    return () => {
      gone = true
    }
  }, [wanted])
  return ready ? children : null
}
