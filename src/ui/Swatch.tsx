import { cx } from './cx'

/** A colour on the neutral surround it is judged on; without one, an empty frame. */
export function Swatch({
  colour,
  size = 'small',
}: {
  colour: string | null | undefined
  size?: 'small' | 'large'
}) {
  return (
    <span
      className={cx(
        'inline-block shrink-0 rounded-tool bg-surround p-1',
        size === 'large' ? 'size-16' : 'size-8',
      )}
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
