import { useMemo } from 'react'
import type { JudgedPart } from '@/core/builds'
import { SHADE_SHOWS } from '@/core/colour'
import type { CoatsToCover } from '@/core/stack'
import { cx } from '@/ui/cx'

/** How many coats a colour takes over what lies there, beside how many are planned. */
export function CoverFacts({ judged, step }: { judged: JudgedPart; step: string }) {
  const cover = useMemo(() => judged.cover(step), [judged, step])
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
          {pair.shift.toFixed(1)} another colour.
        </p>
      )}
    </>
  )
}

function coverWords({ toCover, planned, left }: CoatsToCover): string {
  const plan = planned === 1 ? 'one is planned' : `${planned} are planned`
  if (toCover === null)
    return `It never covers what lies there; ${plan}, and leave it ΔE00 ${left.toFixed(1)} from its own look.`
  const takes = `Covers what lies there in ${toCover === 1 ? 'one coat' : `${toCover} coats`}`
  if (toCover > planned)
    return `${takes}; ${plan}, and leave it ΔE00 ${left.toFixed(1)} from its own look.`
  return toCover === planned ? `${takes}, as planned; one more is safe.` : `${takes}; ${plan}.`
}
