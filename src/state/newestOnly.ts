/** Asks, and hears what came of it. */
export type Newest<A, R> = (
  asked: A,
  hear: (answer: R) => void,
  fail: (error: unknown) => void,
) => void

/**
 * Asks one thing after the other: what is asked while one is answered waits, and is passed over when something newer is asked.
 *
 * @param ask answers one thing at a time
 */
export function newestOnly<A, R>(ask: (asked: A) => Promise<R>): Newest<A, R> {
  let waiting: (() => Promise<void>) | null = null
  let running = false
  const go = async () => {
    while (waiting) {
      const now: () => Promise<void> = waiting
      waiting = null
      await now()
    }
    running = false
  }
  return (asked, hear, fail) => {
    waiting = () => ask(asked).then(hear, fail)
    if (running) return
    running = true
    void go()
  }
}
