import { SHADE_SHOWS } from '@/core/colour'
import { coatsWord } from '@/core/model/counted'
import { key, type PartRef } from '@/core/model/stepRef'
import type { CoatsToCover } from '@/core/stack'
import { useAsked } from '@/state/hooks'
import { cx } from '@/ui/cx'
import { number } from '@/ui/units'
import { useNow } from '../shared/now'

/** How many coats a colour takes over what lies there, beside how many are planned. */
export function CoverFacts({ part, step }: { part: PartRef; step: string }) {
  const now = useNow(60_000)
  const { answer: cover } = useAsked(
    (worker) => worker.cover(part, step, now),
    [key(part), step, now],
  )
  if (!cover) return null
  const short = cover.toCover === null || cover.toCover > cover.planned
  const { pair } = cover
  return (
    <>
      <p className={cx('mb-3 border-l-4 pl-3', short ? 'border-risk' : 'border-act')}>
        {coverWords(cover)}
      </p>
      {pair && pair.shift >= SHADE_SHOWS && (
        <p className="mb-3 border-l-4 border-risk pl-3">
          Its bottle wants {pair.wanted} under it, and here lies {pair.found}: it comes out ΔE00{' '}
          {number(pair.shift, 1, true)} another colour.
        </p>
      )}
    </>
  )
}

function coverWords({ toCover, planned, left }: CoatsToCover): string {
  const plan = planned === 1 ? 'one is planned' : `${planned} are planned`
  const short = `${plan}, and ${planned === 1 ? 'leaves' : 'leave'} it ΔE00 ${number(left, 1, true)} from its own look.`
  if (toCover === null) return `It never covers what lies there; ${short}`
  const takes = `Covers what lies there in ${coatsWord(toCover)}`
  if (toCover > planned) return `${takes}; ${short}`
  return toCover === planned ? `${takes}, as planned; one more is safe.` : `${takes}; ${plan}.`
}
