import { useSearchParams } from 'next/navigation'

/** What is asked stands in the address, so that it can be gone back to; a value that isn't one of the field's is its first. */
export function useAddress(path: string) {
  const query = useSearchParams()
  const set = (next: Record<string, string>) => {
    // The address as it is now: two choices made quickly must not undo one another.
    const params = new URLSearchParams(window.location.search)
    for (const [key, value] of Object.entries(next)) params.set(key, value)
    window.history.replaceState(null, '', `${path}?${params}`)
  }
  return { get: (key: string, otherwise: string) => query.get(key) ?? otherwise, set }
}

/** A colour as it is typed, or null while it is none. */
export function colourOf(text: string): string | null {
  const trimmed = text.trim()
  return /^#?[0-9a-fA-F]{6}$/.test(trimmed) ? `#${trimmed.replace('#', '').toUpperCase()}` : null
}
