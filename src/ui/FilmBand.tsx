import { useId } from 'react'
import type { Family, Sheen } from '@/core/model/vocabulary'
import { FAMILY_TEXTURE, type Texture } from './filmTexture'

/** A film in section: its family's texture over its colour, its sheen along the top edge. */
export type FilmBandProps = {
  family: Family | null
  colour: string | null
  sheen: Sheen | null
  /** Patchy films don't reach across. */
  patchy: boolean
  /** How settled it is, 0 (just laid) to 1 (cured); planned films are drawn open. */
  settled: number | 'planned'
}

const SHEEN_EDGE = { gloss: 5, 'semi-gloss': 4, satin: 2.5, matt: 0 } as const

/** Ink for a texture that shows on the colour. */
function inkOn(colour: string): string {
  const n = Number.parseInt(colour.slice(1), 16)
  const luma = ((n >> 16) * 0.299 + ((n >> 8) & 255) * 0.587 + (n & 255) * 0.114) / 255
  return luma > 0.55 ? '#000' : '#fff'
}

function TextureMark({ texture }: { texture: Texture }) {
  const line = { stroke: 'currentColor', strokeWidth: 1.1, fill: 'none' }
  switch (texture) {
    case 'hatch':
      return <path d="M0 8 8 0M-2 2 2 -2M6 10 10 6" {...line} />
    case 'counter':
      return <path d="M0 0 8 8M6 -2 10 2M-2 6 2 10" {...line} />
    case 'dots':
      return <circle cx="4" cy="4" r="1.2" fill="currentColor" />
    case 'flow':
      return <path d="M0 4q2 -3 4 0t4 0" {...line} />
    case 'flake':
      return <path d="M1 3h3M5 6.5h2.5" {...line} strokeWidth={1.6} />
    case 'grain':
      return (
        <>
          <circle cx="1.5" cy="2" r="0.9" fill="currentColor" />
          <circle cx="5.5" cy="4.5" r="1.3" fill="currentColor" />
          <circle cx="2.5" cy="6.8" r="0.7" fill="currentColor" />
        </>
      )
    case 'rungs':
      return <path d="M0 4h8" {...line} />
    case 'weave':
      return <path d="M0 4h8M4 0v8" {...line} strokeWidth={0.8} />
    case 'void':
      return <path d="M0 0h2M4 4h2" {...line} />
    case 'plain':
      return null
  }
}

/** A film as a band: its colour, sheen and kind, as it lies in a core sample. */
export function FilmBand({ family, colour, sheen, patchy, settled }: FilmBandProps) {
  const id = useId()
  const fill = colour ?? 'var(--raised)'
  const ink = colour ? inkOn(colour) : 'var(--ink)'
  const texture = family ? FAMILY_TEXTURE[family] : 'plain'
  const planned = settled === 'planned'
  return (
    <svg className="absolute inset-0 size-full" aria-hidden="true" preserveAspectRatio="none">
      <defs>
        <pattern id={id} width="8" height="8" patternUnits="userSpaceOnUse">
          <g color={ink} opacity={0.5}>
            <TextureMark texture={texture} />
          </g>
        </pattern>
        {patchy && (
          <pattern id={`${id}p`} width="46" height="200" patternUnits="userSpaceOnUse">
            <rect x="3" width="27" height="200" fill="#fff" />
          </pattern>
        )}
        {patchy && (
          <mask id={`${id}m`}>
            <rect width="100%" height="100%" fill={`url(#${id}p)`} />
          </mask>
        )}
      </defs>
      <g mask={patchy ? `url(#${id}m)` : undefined}>
        <rect width="100%" height="100%" fill={fill} opacity={planned ? 0.82 : 1} />
        <rect width="100%" height="100%" fill={`url(#${id})`} opacity={planned ? 0.55 : 1} />
        {sheen && SHEEN_EDGE[sheen] > 0 && (
          <rect
            x="0"
            y="0"
            width="100%"
            height={SHEEN_EDGE[sheen]}
            fill="#fff"
            opacity={sheen === 'satin' ? 0.45 : 0.85}
          />
        )}
        {!planned && settled < 1 && (
          <rect width="100%" height="100%" fill="#fff" opacity={0.22 * (1 - settled)} />
        )}
      </g>
    </svg>
  )
}
