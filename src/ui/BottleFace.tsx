import { useId } from 'react'
import type { Family } from '@/core/model/vocabulary'
import { FAMILY_TEXTURE } from './filmTexture'
import { TextureMark } from './TextureMark'

/** The inside of the bottle, from its bottom to its shoulder, in the units of the drawing. */
const INSIDE = { top: 28, bottom: 90 }

/** A bottle as it stands on the shelf: how full, of which colour, and on its label the texture of its family. */
export function BottleFace({
  colour,
  level,
  family,
  low,
}: {
  /** #RRGGBB; null: clear, or nobody has said. */
  colour: string | null
  /** 0 (empty) to 1 (full). */
  level: number
  family: Family
  /** It is nearly empty: its level is ruled in the colour of a risk. */
  low: boolean
}) {
  const id = useId()
  const top = INSIDE.bottom - (INSIDE.bottom - INSIDE.top) * Math.min(1, Math.max(0, level))
  return (
    <svg viewBox="0 0 64 96" className="h-24 w-16" aria-hidden="true">
      <defs>
        <clipPath id={`${id}b`}>
          <rect x="8" y="24" width="48" height="70" rx="9" />
        </clipPath>
        <pattern id={`${id}t`} width="8" height="8" patternUnits="userSpaceOnUse">
          <g color="#000" opacity={0.55}>
            <TextureMark texture={FAMILY_TEXTURE[family]} />
          </g>
        </pattern>
      </defs>
      <rect x="21" y="1" width="22" height="17" rx="2" className="fill-soft" />
      <rect x="25" y="18" width="14" height="8" className="fill-surround" />
      <g clipPath={`url(#${id}b)`}>
        <rect x="8" y="24" width="48" height="70" className="fill-sunk" />
        <rect
          x="8"
          y={top}
          width="48"
          height={96 - top}
          className={colour ? undefined : 'fill-surround opacity-50'}
          fill={colour ?? undefined}
        />
        <path
          d={`M8 ${top}H56`}
          strokeWidth={low ? 3 : 1.5}
          className={low ? 'stroke-risk' : 'stroke-ink/50'}
        />
        <rect x="8" y="56" width="48" height="18" fill="#fff" fillOpacity="0.88" />
        <rect x="8" y="56" width="48" height="18" fill={`url(#${id}t)`} />
      </g>
      <rect
        x="8"
        y="24"
        width="48"
        height="70"
        rx="9"
        fill="none"
        strokeWidth="2"
        className="stroke-strong"
      />
    </svg>
  )
}
