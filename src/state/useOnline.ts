import { useSyncExternalStore } from 'react'

function listen(changed: () => void): () => void {
  addEventListener('online', changed)
  addEventListener('offline', changed)
  return () => {
    removeEventListener('online', changed)
    removeEventListener('offline', changed)
  }
}

/** Has the machine a network? The server itself may still be away. */
export function useOnline(): boolean {
  return useSyncExternalStore(
    listen,
    () => navigator.onLine,
    () => true,
  )
}
