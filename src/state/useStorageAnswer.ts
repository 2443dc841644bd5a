import { useEffect, useState } from 'react'

/** What the browser said to keeping the data when space is short; null: it doesn't say. */
export function useStorageAnswer(): boolean | null {
  const [kept, setKept] = useState<boolean | null>(null)
  useEffect(() => {
    let wanted = true
    const ask = async () => {
      const { storage } = navigator
      const answer = (await storage?.persisted?.()) || (await storage?.persist?.())
      if (wanted) setKept(answer ?? null)
    }
    void ask().catch(() => {})
    return () => {
      wanted = false
    }
  }, [])
  return kept
}
