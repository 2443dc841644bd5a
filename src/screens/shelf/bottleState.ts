import type { Bottle } from '@/core/model/bottle'
import { conditionOf } from '@/core/shelf'
import { sayFigures } from '@/ui/time'

/** What is worth watching in a bottle, in words. Source: N75. */
export function stateWords(bottle: Bottle, now: number): string[] {
  const { share, low, gassing, gassedOff, openMonths } = conditionOf(bottle, now)
  const words: string[] = []
  if (share < 1) words.push(`thinned: ${Math.round(share * 100)} % paint`)
  if (low) words.push('nearly empty')
  if (gassing)
    words.push(
      gassing.usable
        ? `gassing off, lid resting ${sayFigures(gassing.until - now)} more`
        : `gassing off, ${sayFigures(gassing.until - now)} before it sprays`,
    )
  if (gassedOff) words.push('gassed off')
  if (openMonths !== null) words.push(`open for ${openMonths} months, keeps ${bottle.keepsMonths}`)
  return words
}
