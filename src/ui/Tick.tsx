import type { ReactNode } from 'react'
import { cx } from './cx'

const SIZE = { small: 'size-4', normal: 'size-5', bench: 'size-6' } as const

/** Something that is so or isn't, with what it says beside its box. */
export function Tick({
  on,
  onTick,
  size = 'normal',
  className = 'min-h-9',
  children,
}: {
  on: boolean
  onTick: (on: boolean) => void
  /** `bench`: for gloved hands. */
  size?: keyof typeof SIZE
  className?: string
  children: ReactNode
}) {
  return (
    <label className={cx('flex items-center gap-2.5', className)}>
      <input
        type="checkbox"
        className={cx('shrink-0', SIZE[size])}
        checked={on}
        onChange={({ target }) => onTick(target.checked)}
      />
      {children}
    </label>
  )
}
