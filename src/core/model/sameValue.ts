/** Same value, whatever the order of its fields; what is undefined isn't there. */
export function sameValue(a: unknown, b: unknown): boolean {
  if (a === b) return true
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false
  if (Array.isArray(a) !== Array.isArray(b)) return false
  const fields = new Set([...Object.keys(a), ...Object.keys(b)])
  return [...fields].every((field) =>
    sameValue((a as Record<string, unknown>)[field], (b as Record<string, unknown>)[field]),
  )
}
