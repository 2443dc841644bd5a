import { DateTime } from 'luxon'
import { GASSES_OFF } from '@/core/knowledge'
import type { Bottle } from '@/core/model/bottle'
import { sayFigures } from '@/ui/time'

const MINUTE = 60_000
/** Under this share of its size a bottle is nearly empty. */
export const LOW = 0.12

/** What is worth watching in a bottle, in words. Source: N75. */
export function stateWords(bottle: Bottle, now: number): string[] {
  const words: string[] = []
  if (bottle.share !== undefined && bottle.share < 1)
    words.push(`thinned: ${Math.round(bottle.share * 100)} % paint`)
  if (bottle.leftMl / bottle.sizeMl < LOW) words.push('nearly empty')
  if (bottle.state === 'decanted') {
    const left = bottle.decantedAt
      ? Date.parse(bottle.decantedAt) + GASSES_OFF.from * MINUTE - now
      : 0
    words.push(left > 0 ? `gassing off, ${sayFigures(left)} more` : 'gassed off')
  }
  const over = tooOld(bottle, now)
  if (over) words.push(over)
  return words
}

/** Open for longer than it keeps. */
function tooOld({ openedOn, keepsMonths }: Bottle, now: number): string | null {
  if (!openedOn || keepsMonths === undefined) return null
  const opened = DateTime.fromISO(openedOn)
  if (now < opened.plus({ months: keepsMonths }).toMillis()) return null
  const months = Math.floor(DateTime.fromMillis(now).diff(opened, 'months').months)
  return `open for ${months} months, keeps ${keepsMonths}`
}
