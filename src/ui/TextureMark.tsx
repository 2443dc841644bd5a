import type { Texture } from './filmTexture'

/** Ink for a texture that shows on a colour, #RRGGBB. */
export function inkOn(colour: string): string {
  const n = Number.parseInt(colour.slice(1), 16)
  const luma = ((n >> 16) * 0.299 + ((n >> 8) & 255) * 0.587 + (n & 255) * 0.114) / 255
  return luma > 0.55 ? '#000' : '#fff'
}

/** One tile of a texture, 8 by 8. */
export function TextureMark({ texture }: { texture: Texture }) {
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
