import type { ButtonHTMLAttributes } from 'react'
import { cx } from './cx'

const LOOK = {
  act: 'rounded-tool bg-act text-act-ink font-semibold hover:brightness-110',
  plain: 'key',
  quiet: 'text-act underline underline-offset-4 hover:no-underline',
  stop: 'key text-stop hover:bg-stop-wash',
} as const

/** A button's look and size beside what any button takes. */
export type ButtonProps = ButtonHTMLAttributes<HTMLButtonElement> & {
  look?: keyof typeof LOOK
  /** `bench`: for gloved hands, 56 px high. */
  size?: 'small' | 'normal' | 'bench'
  /** The key that does the same, shown on the button. */
  hotkey?: string
}

const SIZE = {
  small: 'min-h-8 px-2.5 text-sm pointer-coarse:min-h-11',
  normal: 'min-h-11 px-4',
  bench: 'min-h-14 px-5 text-lg',
} as const

/** A button; it submits nothing unless it says so. */
export function Button({
  look = 'plain',
  size = 'normal',
  hotkey,
  className,
  children,
  ...rest
}: ButtonProps) {
  return (
    <button
      type="button"
      className={cx(
        'inline-flex items-center justify-center gap-2.5 leading-tight disabled:opacity-45',
        LOOK[look],
        SIZE[size],
        className,
      )}
      {...rest}
    >
      {children}
      {hotkey && (
        <kbd className="hidden rounded-[2px] border border-current px-1.5 font-sans text-sm leading-snug opacity-80 sm:inline">
          {hotkey}
        </kbd>
      )}
    </button>
  )
}
