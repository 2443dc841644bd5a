import { useRef, useState } from 'react'

/** A file that is being read in the background: which, and how to stop it. */
export type FileReading = {
  /** Its name; null: none is being read. */
  name: string | null
  /**
   * Reads one; whatever was being read before is stopped.
   *
   * @returns what came of it; null: it was stopped
   */
  read: <T>(name: string, work: (signal: AbortSignal) => Promise<T>) => Promise<T | null>
  stop: () => void
}

export function useReading(): FileReading {
  const [name, setName] = useState<string | null>(null)
  const running = useRef<AbortController | null>(null)
  const stop = () => {
    running.current?.abort()
    setName(null)
  }
  const read: FileReading['read'] = async (next, work) => {
    stop()
    const mine = new AbortController()
    running.current = mine
    setName(next)
    try {
      const answer = await work(mine.signal)
      return mine.signal.aborted ? null : answer
    } catch (error) {
      if (mine.signal.aborted) return null
      throw error
    } finally {
      if (running.current === mine) setName(null)
    }
  }
  return { name, read, stop }
}
