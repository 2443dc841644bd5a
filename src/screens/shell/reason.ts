/** An error in words; a full disk is told as one. */
export function reason(error: unknown): string {
  const name = error instanceof Error ? error.name : ''
  if (name === 'QuotaExceededError' || /quota/i.test(String(error)))
    return 'this browser’s storage is full. Export your data and make room.'
  return error instanceof Error ? error.message : String(error)
}
