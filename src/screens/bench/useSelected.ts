import { useRouter, useSearchParams } from 'next/navigation'
import { useState } from 'react'
import { useHotkeys } from '../shared/hotkeys'
import type { NamedItem } from '../shared/useBenchQueue'

/**
 * The part that the keys act on: the one chosen, else the most pressing. Arrow keys go along the queue. While something is typed about a
 * step, that step stays, whatever has become more pressing or was done in another tab meanwhile.
 */
export function useSelected(queue: readonly NamedItem[]) {
  const router = useRouter()
  const asked = useSearchParams().get('part')
  const [chosen, setChosen] = useState<string | null>(null)
  const [held, setHeld] = useState<NamedItem | null>(null)
  const id = held?.id ?? chosen ?? asked
  const at = queue.findIndex((item) => item.id === id)
  const now = queue[at] ?? null
  const selected = held && now?.next.step !== held.next.step ? held : (now ?? queue[0] ?? null)
  const select = (next: string) => {
    setHeld(null)
    setChosen(next)
    if (asked) router.replace('/')
  }
  const step = (by: number) => {
    const next = queue[Math.min(queue.length - 1, Math.max(0, Math.max(0, at) + by))]
    if (next) select(next.id)
  }
  useHotkeys(
    new Map([
      ['ArrowDown', () => step(1)],
      ['ArrowUp', () => step(-1)],
    ]),
  )
  return { selected, select, step, hold: setHeld }
}
