'use client'

import { type ReactNode, useEffect, useState } from 'react'
import { loadDemo, shouldLoadDemo } from '@/store/actions/documents'
import { browserStore } from '@/store/store'

/** Puts the demo on an empty bench when the server was started for it. */
export function DemoOnOpening({ wanted, children }: { wanted: boolean; children: ReactNode }) {
  const [ready, setReady] = useState(!wanted)
  useEffect(() => {
    if (!wanted) return
    let gone = false
    const store = browserStore()
    const load = async () => {
      if (await shouldLoadDemo(store)) await loadDemo(store)
    }
    load()
      // A database that can't be read is told by the bench itself.
      .catch(() => undefined)
      .finally(() => {
        store.db.close()
        if (!gone) setReady(true)
      })
    return () => {
      gone = true
    }
  }, [wanted])
  return ready ? children : null
}
