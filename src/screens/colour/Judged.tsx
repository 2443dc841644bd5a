import type { ReactNode } from 'react'
import { cx } from '@/ui/cx'

/** A neutral surround on which colours are judged. */
export function Surround({
  children,
  className,
  tight = false,
}: {
  children: ReactNode
  className?: string
  /** For small swatches in a row. */
  tight?: boolean
}) {
  return (
    <div className={cx('rounded-tool bg-surround', tight ? 'p-2' : 'p-5', className)}>
      {children}
    </div>
  )
}

/** Two colours edge to edge, with what they are in words under them. */
export function SideBySide({
  colours,
  className,
}: {
  colours: readonly { colour: string; say: string }[]
  className?: string
}) {
  return (
    <figure className={className}>
      <div className="flex h-full" aria-hidden="true">
        {colours.map(({ colour, say }) => (
          <span key={say} className="flex-1" style={{ background: colour }} />
        ))}
      </div>
      <figcaption className="sr-only">
        {colours.map(({ colour, say }) => `${say} ${colour}`).join(', ')}
      </figcaption>
    </figure>
  )
}

/** How near a difference is, in words. Source: handbook 5. */
export function nearness(deltaE00: number): string {
  if (deltaE00 < 1) return 'no difference to be seen'
  if (deltaE00 < 2) return 'seen only side by side'
  if (deltaE00 < 4) return 'seen at a second look'
  return 'plainly another colour'
}
