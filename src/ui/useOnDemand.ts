import { useCallback, useState } from 'react'

/** What is loaded, by what loads it: whoever wants it next has it at once. */
const here = new WeakMap<() => Promise<object>, object>()

/** Loads a piece before anybody wants it; one that couldn't be had is loaded when it is wanted. */
export function loadAhead(load: () => Promise<object>): void {
  if (here.has(load)) return
  load().then(
    (loaded) => here.set(load, loaded),
    () => undefined,
  )
}

/**
 * A piece of the page that no page waits for.
 *
 * @param load loads it; the same function at every call
 * @returns it, or why it isn't there; and what asks for it, again where it couldn't be had
 */
export function useOnDemand<T extends object>(
  load: () => Promise<T>,
): [T | 'coming' | 'failed', () => void] {
  // Whoever turns to another piece doesn't have the one before in its place.
  const [told, tell] = useState<{ of: typeof load; piece: T | 'coming' | 'failed' }>()
  const want = useCallback(() => {
    const put = (piece: T | 'coming' | 'failed') => tell({ of: load, piece })
    if (here.has(load)) return put(here.get(load) as T)
    put('coming')
    load().then(
      (loaded) => {
        here.set(load, loaded)
        put(loaded)
      },
      () => put('failed'),
    )
  }, [load])
  const known = here.get(load) as T | undefined
  return [known ?? (told?.of === load ? told.piece : 'coming'), want]
}
