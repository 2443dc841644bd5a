import { useEffect } from 'react'

/** The title of the page, where only the browser knows what is on it. */
export function useTitle(name: string): void {
  useEffect(() => {
    document.title = `${name} · Tectoria`
  }, [name])
}
