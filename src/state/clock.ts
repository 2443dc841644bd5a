/** How often the clock ticks, ms. It is read from the machine each time, so that a missed tick loses nothing. */
const TICK = 1000

const listeners = new Set<() => void>()
/** What is shown to whoever wants it in steps of so many milliseconds. */
const shown = new Map<number, number>()
let timer: ReturnType<typeof setInterval> | null = null
let current = 0
let reckoned = 0

function tick(): void {
  current = Date.now()
  for (const listener of listeners) listener()
}

/** Hears of every tick. @returns ends the hearing */
export function hearClock(listener: () => void): () => void {
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

/**
 * The instant at which something is reckoned: no clock that is shown stands before it from then on. What may be done at once is said to
 * be open from that very instant, and a clock of whole minutes would have it wait.
 *
 * @param at now, epoch ms
 */
export function reckonedAt(at: number): number {
  current = at
  reckoned = at
  return at
}

/** Now, epoch ms: another once so many milliseconds begin, or something was reckoned. */
export function shownNow(step: number): number {
  if (current === 0) current = Date.now()
  const known = shown.get(step) ?? Number.NaN
  const isSame = Math.floor(known / step) === Math.floor(current / step)
  // The machine’s clock may have been put back.
  if (isSame && known >= reckoned && known <= current) return known
  shown.set(step, current)
  return current
}
