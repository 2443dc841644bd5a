import { useSyncExternalStore } from 'react'

/** A value that changes, and who hears of it. What can be read from outside; only its owner sets it. */
export type Readable<T> = {
  get: () => T
  /** @returns ends the hearing */
  subscribe: (hear: () => void) => () => void
}

export type Writable<T> = Readable<T> & { set: (next: T) => void }

/** A value that tells whoever listens when it becomes another. */
export function writable<T>(first: T): Writable<T> {
  let value = first
  const listeners = new Set<() => void>()
  return {
    get: () => value,
    set: (next) => {
      if (Object.is(next, value)) return
      value = next
      for (const hear of [...listeners]) hear()
    },
    subscribe: (hear) => {
      listeners.add(hear)
      return () => listeners.delete(hear)
    },
  }
}

/** The value in a component. */
export function useReadable<T>(readable: Readable<T>): T {
  return useSyncExternalStore(readable.subscribe, readable.get, readable.get)
}
