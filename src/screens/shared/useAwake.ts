import { useEffect } from 'react'

/** Keeps the screen lit while the component is there, where the device can; again after the page was out of sight. */
export function useAwake(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null
    let gone = false
    const hold = async () => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return
      try {
        const got = await navigator.wakeLock.request('screen')
        if (gone) void got.release()
        else {
          void lock?.release()
          lock = got
        }
      } catch {
        // Refused, by a low battery for one: the screen sleeps as it always does.
      }
    }
    void hold()
    document.addEventListener('visibilitychange', hold)
    return () => {
      gone = true
      document.removeEventListener('visibilitychange', hold)
      void lock?.release()
    }
  }, [])
}
