/** Same value, whatever the order of its fields; what is undefined isn't there. */
export function sameValue(a: unknown, b: unknown): boolean {
  if (a === b) return true
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false
  if (Array.isArray(a) || Array.isArray(b))
    return (
      Array.isArray(a) &&
      Array.isArray(b) &&
      a.length === b.length &&
      a.every((value, i) => sameValue(value, b[i]))
    )
  const [one, other] = [a as Record<string, unknown>, b as Record<string, unknown>]
  for (const field in one) if (!sameValue(one[field], other[field])) return false
  for (const field in other) if (other[field] !== undefined && !(field in one)) return false
  return true
}
