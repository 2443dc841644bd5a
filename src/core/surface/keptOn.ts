import type { Samples } from './samples'

/**
 * What was reckoned of a surface lately, by name: what is tried with another amount asks for the same again. The oldest is forgotten
 * first.
 *
 * @param most bytes that are kept of one surface
 * @param bytes that each takes a sample
 * @returns makes what a name stands for, from what is known of it
 */
export function keptOn<T>(
  most: number,
  bytes: number,
): (samples: Samples, name: string, make: (before: T | undefined) => T) => T {
  const known = new WeakMap<Samples, Map<string, T>>()
  return (samples, name, make) => {
    const named = known.get(samples) ?? new Map<string, T>()
    known.set(samples, named)
    const own = make(named.get(name))
    named.delete(name)
    named.set(name, own)
    if (named.size * samples.count * bytes > most)
      for (const oldest of named.keys()) {
        named.delete(oldest)
        break
      }
    return own
  }
}
