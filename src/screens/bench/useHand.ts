import { useRef } from 'react'
import { useSay } from '@/state/hooks'
import { useRun } from '@/state/writing'
import type { NamedItem } from '../shared/useBenchQueue'

/** So long a wrong key can be taken back by one key, ms. */
const MINUTE = 60_000

/** What was last logged here, and when: on this tab, as long as the application is open. */
const last: { item: NamedItem | null; at: number } = { item: null, at: 0 }

/**
 * Guards the keys of the bench: finishing another part than the last one asks once, and what was logged within a minute is
 * taken back by one key.
 */
export function useHand(item: NamedItem) {
  const run = useRun()
  const say = useSay()
  const asked = useRef<string | null>(null)
  return {
    logged: () => {
      last.item = item
      last.at = Date.now()
    },
    /** @param parts those that it is done to at once. @returns may it be done now? else it was asked, and the next press does it */
    isAsked: (what: string, parts: readonly string[]): boolean => {
      const before = last.item
      const isOther =
        before !== null && (before.build !== item.build || !parts.includes(before.part))
      if (!isOther || asked.current === item.next.step) return true
      asked.current = item.next.step
      say(`${item.partName} is another part than the last: the same key again ${what}`)
      return false
    },
    takeBack: () => {
      if (Date.now() - last.at > MINUTE) say('Nothing was logged here in the last minute')
      else {
        last.at = 0
        void run('undo')
      }
    },
  }
}
