import { useSyncExternalStore } from 'react'

/** Narrower than this there is no room beside a thing: a phone held upright. */
export const NARROW = '(max-width: 639px)'

/** Does a media query hold? Follows it; `false` on the server. */
export function useMedia(query: string): boolean {
  return useSyncExternalStore(
    (changed) => {
      if (typeof matchMedia === 'undefined') return () => {}
      const list = matchMedia(query)
      list.addEventListener('change', changed)
      return () => list.removeEventListener('change', changed)
    },
    () => typeof matchMedia !== 'undefined' && matchMedia(query).matches,
    () => false,
  )
}
