import type { Remote } from 'comlink'
import { hostWorker, type WorkerLike } from './host'

/** Something reckoned in a worker: what it comes to, and how to end it before. */
export type Job<T> = { result: Promise<T>; cancel: () => void }

/**
 * Asks a worker of its own. One that works can't be asked to stop: it is ended, so every job has its own, and ends nobody else's.
 *
 * @param make begins the worker
 */
export function jobOf<W, T>(
  make: () => WorkerLike,
  ask: (worker: Remote<W>) => Promise<T>,
): Job<T> {
  const host = hostWorker<W>(make)
  return { result: host.ask(ask).finally(() => host.end()), cancel: () => host.end() }
}
