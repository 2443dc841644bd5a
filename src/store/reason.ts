/** What went wrong, in words; a full disk is told as one. */
export function reasonOf(error: unknown): string {
  const name = (error as { name?: unknown } | null)?.name
  const inner = (error as { inner?: { name?: unknown } } | null)?.inner?.name
  if (name === 'QuotaExceededError' || inner === 'QuotaExceededError')
    return 'this browser’s storage is full. Export your data and make room.'
  if (name === 'DatabaseClosedError' || inner === 'DatabaseClosedError')
    return 'this page no longer has your data. Load it anew.'
  return error instanceof Error ? error.message : String(error)
}

/** Why a row can't be changed. */
export const GONE = 'This isn’t there any more: it was removed meanwhile.'
