import { useSyncExternalStore } from 'react'

/** How often clocks are redrawn, ms. They are reckoned from instants, so that a missed tick loses nothing. */
const TICK = 1000

const listeners = new Set<() => void>()
let timer: ReturnType<typeof setInterval> | null = null
let current = 0

function tick(): void {
  current = Date.now()
  for (const listener of listeners) listener()
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener)
  if (timer === null) {
    tick()
    timer = setInterval(tick, TICK)
    document.addEventListener('visibilitychange', tick)
  }
  return () => {
    listeners.delete(listener)
    if (listeners.size > 0 || timer === null) return
    clearInterval(timer)
    timer = null
    document.removeEventListener('visibilitychange', tick)
  }
}

/** Now, in whole steps of some milliseconds: a component that shows minutes is not redrawn every second. */
export function useNow(step = TICK): number {
  return useSyncExternalStore(
    subscribe,
    () => Math.floor((current || Date.now()) / step) * step,
    () => 0,
  )
}
