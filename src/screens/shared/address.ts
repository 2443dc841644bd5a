/** A value of the address as it is now, whatever was last drawn: two choices made quickly must not undo one another. */
export function addressNow(key: string): string {
  return new URLSearchParams(window.location.search).get(key) ?? ''
}

/** Puts what is asked into the address, so that it can be gone back to. */
export function setAddress(path: string, next: Readonly<Record<string, string>>): void {
  // The address as it is now: two choices made quickly must not undo one another.
  const params = new URLSearchParams(window.location.search)
  for (const [key, value] of Object.entries(next)) params.set(key, value)
  window.history.replaceState(null, '', `${path}?${params}`)
}
