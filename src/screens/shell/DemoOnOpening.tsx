'use client'

import { type ReactNode, useEffect, useState } from 'react'
import { demoOnOpening } from '@/state/demo'

/** Puts the demo on an empty bench when the server was started for it. */
export function DemoOnOpening({ wanted, children }: { wanted: boolean; children: ReactNode }) {
  const [ready, setReady] = useState(!wanted)
  useEffect(() => {
    if (!wanted) return
    let gone = false
    demoOnOpening()
      // A database that can't be read is told by the bench itself.
      .catch(() => undefined)
      .finally(() => !gone && setReady(true))
    return () => {
      gone = true
    }
  }, [wanted])
  return ready ? children : null
}
