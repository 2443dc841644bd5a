import { useCallback } from 'react'
import { pageStore } from './storeClient'
import { useRun } from './writing'

/** Set once the demo was put on the bench of this browser: wiped, it stays away. */
const LOADED = 'tectoria-demo-loaded'

/** Puts the demo on an empty bench where it never was. What can't be written is told by the bench itself. */
export async function demoOnOpening(): Promise<void> {
  if (localStorage.getItem(LOADED)) return
  const store = pageStore()
  if (!(await store.ask('isEmpty'))) return
  if ((await store.ask('loadDemo')).ok) localStorage.setItem(LOADED, 'yes')
}

/** Loads the demo, as it is asked for. */
export function useLoadDemo(): () => Promise<void> {
  const run = useRun()
  return useCallback(async () => {
    if (await run('loadDemo')) localStorage.setItem(LOADED, 'yes')
  }, [run])
}
