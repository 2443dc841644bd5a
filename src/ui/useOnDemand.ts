import { useCallback, useState } from 'react'

/** What is loaded, by what loads it: whoever wants it next has it at once. */
const here = new WeakMap<() => Promise<object>, object>()

/**
 * A piece of the page that no page waits for.
 *
 * @param load loads it; the same function at every call
 * @returns it, or why it isn't there; and what asks for it, again where it couldn't be had
 */
export function useOnDemand<T extends object>(
  load: () => Promise<T>,
): [T | 'coming' | 'failed', () => void] {
  const [piece, setPiece] = useState<T | 'coming' | 'failed'>(
    () => (here.get(load) as T | undefined) ?? 'coming',
  )
  const want = useCallback(() => {
    if (here.has(load)) return setPiece(here.get(load) as T)
    setPiece('coming')
    load().then(
      (loaded) => {
        here.set(load, loaded)
        setPiece(loaded)
      },
      () => setPiece('failed'),
    )
  }, [load])
  return [piece, want]
}
