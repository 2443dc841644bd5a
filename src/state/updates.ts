import type { Serwist } from '@serwist/window'
import { useCallback, useEffect, useRef, useState } from 'react'

/** A newer version is looked for this often, ms, and whenever the page is looked at again. */
const ASKED_EVERY = 60 * 60_000
/** What is on the screen comes first: then the rest of the application is stored, ms after the page came. */
const SETTLED = 3000

/** How this page stands to the newest version: as new, a newer one waits, or another tab has gone on to it. */
export type Update = 'none' | 'waiting' | 'elsewhere'

/** Stores the application in the browser, and says when a newer one waits. */
export function useUpdates(): { state: Update; update: () => void } {
  const [state, setState] = useState<Update>('none')
  const worker = useRef<Serwist | null>(null)
  const asked = useRef(false)
  useEffect(() => {
    if (!('serviceWorker' in navigator)) return
    if (process.env.NODE_ENV !== 'production') return letGo()
    const begin = async () => {
      const { Serwist } = await import('@serwist/window')
      const serwist = new Serwist('/sw.js', { scope: '/' })
      worker.current = serwist
      serwist.addEventListener('waiting', () => setState('waiting'))
      serwist.addEventListener('controlling', ({ isUpdate }) => {
        if (asked.current) location.reload()
        else if (isUpdate) setState('elsewhere')
      })
      await serwist.register()
    }
    const look = () => void worker.current?.update().catch(() => {})
    const seen = () => document.visibilityState === 'visible' && look()
    const every = setInterval(look, ASKED_EVERY)
    document.addEventListener('visibilitychange', seen)
    const settled = setTimeout(() => void begin().catch(() => {}), SETTLED)
    return () => {
      clearInterval(every)
      clearTimeout(settled)
      document.removeEventListener('visibilitychange', seen)
    }
  }, [])
  const update = useCallback(() => {
    asked.current = true
    if (state === 'elsewhere') location.reload()
    else worker.current?.messageSkipWaiting()
  }, [state])
  return { state, update }
}

/** A build that was stored under this address would come up instead of what is being written. */
function letGo(): void {
  void navigator.serviceWorker
    .getRegistrations()
    .then((all) => Promise.all(all.map((one) => one.unregister())))
    .catch(() => {})
}
