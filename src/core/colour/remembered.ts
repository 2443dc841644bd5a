/**
 * What is asked for again and again, remembered by a key; everything is forgotten once there is too much of it.
 *
 * @param most answers that are kept
 * @returns the answer to a key, made once
 */
export function remembered<T>(most: number): (key: string, make: () => T) => T {
  const known = new Map<string, T>()
  return (key, make) => {
    const before = known.get(key)
    if (before !== undefined) return before
    const made = make()
    if (known.size >= most) known.clear()
    known.set(key, made)
    return made
  }
}
