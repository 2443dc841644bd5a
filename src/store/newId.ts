/** A new id: sorts by nothing, clashes with nothing. */
export function newId(): string {
  return crypto.randomUUID()
}
