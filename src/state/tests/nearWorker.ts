import type { Remote } from 'comlink'
import { type Fail, type Host, hostWorker, type WorkerLike } from '../host'

/** A worker that is none: it fails when it is told to. */
export type NearWorker = WorkerLike & { fail: (message?: string) => void; ended: boolean }

/** Plain data is copied; what is called back is called. */
const copied = (told: unknown) => (typeof told === 'function' ? told : structuredClone(told))

/** Speaks with something in this thread as with a worker: plain data both ways, the answer later. */
export function remoteOf<T extends object>(near: T): Remote<T> {
  return new Proxy(near, {
    get:
      (target, name) =>
      async (...asked: unknown[]) => {
        const method = target[name as keyof T] as (...asked: unknown[]) => unknown
        return structuredClone(await method(...asked.map(copied)))
      },
  }) as unknown as Remote<T>
}

/** A host whose workers live in this thread, and all that were begun, the last one last. */
export function nearHost<T extends object>(
  make: () => T,
  greet?: (worker: Remote<T>, fail: Fail) => Promise<void>,
): { host: Host<T>; begun: NearWorker[] } {
  const begun: NearWorker[] = []
  const host = hostWorker<T>(
    () => {
      const hearing: ((event: unknown) => void)[] = []
      const worker: NearWorker = {
        ended: false,
        terminate: () => {
          worker.ended = true
        },
        addEventListener: (kind, hear) => kind === 'error' && hearing.push(hear),
        fail: (message) => {
          for (const hear of hearing) hear(message === undefined ? {} : { message })
        },
      }
      begun.push(worker)
      return worker
    },
    greet,
    () => remoteOf(make()),
  )
  return { host, begun }
}
