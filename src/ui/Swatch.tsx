import { cx } from './cx'

const SIZE = { small: 'size-8', large: 'size-16', fill: 'size-full' } as const

/** A colour on the neutral surround it is judged on; without one, an empty frame. */
export function Swatch({
  colour,
  size = 'small',
}: {
  colour: string | null | undefined
  /** `fill`: as large as what it stands in. */
  size?: 'small' | 'large' | 'fill'
}) {
  return (
    <span
      className={cx('inline-block shrink-0 rounded-tool bg-surround p-1', SIZE[size])}
      aria-hidden="true"
    >
      <span
        className={cx(
          'block size-full rounded-[1px]',
          !colour && 'border border-dashed border-ink/60',
        )}
        style={colour ? { background: colour } : undefined}
      />
    </span>
  )
}
