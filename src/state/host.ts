import { type Remote, wrap } from 'comlink'

/** As much of a worker as its host needs: a test gives one that is none. */
export type WorkerLike = {
  terminate: () => void
  addEventListener: (kind: 'error' | 'messageerror', hear: (event: unknown) => void) => void
}

/** A worker that is begun when it is first asked, told when it fails, and begun again at the next question. */
export type Host<T> = {
  /**
   * Asks the worker.
   *
   * @returns what it answers; rejected where it fails before, or is ended
   */
  ask: <R>(question: (worker: Remote<T>) => Promise<R>) => Promise<R>
  /** Begins it ahead of the first question, if it doesn't run. */
  begin: () => void
  /** Is there one, that was greeted or is being greeted? */
  isRunning: () => boolean
  /** It failed so often that it isn't begun again. */
  hasGivenUp: () => boolean
  /** Ends it with all that it was asked; the next question begins another. */
  end: (why?: string) => void
  /** What it works on has changed: however often it failed before, it may be begun again. */
  again: () => void
}

/** Tells that a worker failed. */
export type Fail = (how: { message: string }) => void

/** After so many failures in a row nothing is begun again before something changed, or the page is loaded again. */
const MOST_FAILURES = 3
/** What answers after so long works again, ms: one that only ever answers its first question fails in a row all the same. */
const LASTING = 10_000

type Running<T> = { worker: WorkerLike; remote: Remote<T>; greeted: Promise<void>; at: number }

/** What was asked of a worker that was ended. */
export class WorkerEnded extends Error {}

/**
 * @param make begins the worker
 * @param greet is asked first of every new worker: what it must know before it can answer; it may tell that one has failed
 * @param connect speaks with it
 */
export function hostWorker<T>(
  make: () => WorkerLike,
  greet: (worker: Remote<T>, fail: Fail) => Promise<void> = async () => undefined,
  connect: (worker: WorkerLike) => Remote<T> = (worker) => wrap<T>(worker as Worker),
): Host<T> {
  let running: Running<T> | null = null
  const open = new Set<(error: Error) => void>()
  let failures = 0

  const end = (why = 'It was ended') => {
    running?.worker.terminate()
    running = null
    const waiting = [...open]
    open.clear()
    for (const reject of waiting) reject(new WorkerEnded(why))
  }

  const begin = () => {
    const worker = make()
    const fail = (event: unknown) => {
      if (running?.worker !== worker) return
      failures += 1
      end(`A background worker failed: ${messageOf(event)}`)
    }
    worker.addEventListener('error', fail)
    worker.addEventListener('messageerror', fail)
    const remote = connect(worker)
    const begun = { worker, remote, greeted: greet(remote, fail), at: performance.now() }
    running = begun
    // One that was told nothing can answer nothing.
    begun.greeted.catch(fail)
    return begun
  }

  const hasGivenUp = () => !running && failures >= MOST_FAILURES

  const ask = <R>(question: (worker: Remote<T>) => Promise<R>) =>
    new Promise<R>((resolve, reject) => {
      if (hasGivenUp())
        return reject(
          new WorkerEnded('A background worker failed again and again: load the page anew'),
        )
      open.add(reject)
      const settled = () => open.delete(reject)
      const { remote, greeted, at } = running ?? begin()
      greeted
        .then(() => question(remote))
        .then((answer) => {
          if (performance.now() - at >= LASTING) failures = 0
          if (settled()) resolve(answer)
        })
        .catch((error: unknown) => {
          if (settled()) reject(error as Error)
        })
    })

  return {
    ask,
    begin: () => {
      if (!running && !hasGivenUp()) begin()
    },
    hasGivenUp,
    isRunning: () => running !== null,
    end,
    again: () => {
      failures = 0
    },
  }
}

function messageOf(event: unknown): string {
  const { message } = (event ?? {}) as { message?: unknown }
  return typeof message === 'string' && message !== '' ? message : 'it could not be started'
}
