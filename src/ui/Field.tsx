import { type InputHTMLAttributes, type ReactNode, type SelectHTMLAttributes, useId } from 'react'
import { cx } from './cx'

type Shared = {
  label: string
  /** What is wrong with it: path, found and expected in one sentence. */
  error?: string | null | undefined
  hint?: ReactNode
  unit?: string
  /** The label is for readers only: the place says what it is. */
  hideLabel?: boolean
}

const CONTROL =
  'w-full min-h-11 rounded-tool border-2 border-strong bg-raised px-2.5 text-ink aria-[invalid=true]:border-stop'

function Frame({
  label,
  error,
  hint,
  unit,
  hideLabel,
  id,
  children,
}: Shared & { id: string; children: ReactNode }) {
  return (
    <div className="min-w-0">
      <label
        htmlFor={id}
        className={hideLabel ? 'sr-only' : 'mb-1 block text-sm font-semibold text-soft'}
      >
        {label}
        {unit && <span className="font-normal"> ({unit})</span>}
      </label>
      {children}
      {hint && <div className="mt-1 text-sm text-soft">{hint}</div>}
      {error && (
        <p id={`${id}-error`} className="mt-1 text-sm font-semibold text-stop">
          {error}
        </p>
      )}
    </div>
  )
}

/** A field of text with its label, and the error under it. */
export function TextField({
  label,
  error,
  hint,
  unit,
  hideLabel,
  className,
  ...rest
}: Shared & InputHTMLAttributes<HTMLInputElement>) {
  const id = useId()
  return (
    <Frame id={id} {...{ label, error, hint, unit, hideLabel }}>
      <input
        id={id}
        className={cx(CONTROL, className)}
        aria-invalid={error ? true : undefined}
        aria-describedby={error ? `${id}-error` : undefined}
        autoComplete="off"
        {...rest}
      />
    </Frame>
  )
}

/** One entry of a list to choose from: the value kept, and how it is said. */
export type Choice = { value: string; say: string }

/** A list to choose from with its label, and the error under it. */
export function SelectField({
  label,
  error,
  hint,
  unit,
  hideLabel,
  choices,
  className,
  ...rest
}: Shared & SelectHTMLAttributes<HTMLSelectElement> & { choices: readonly Choice[] }) {
  const id = useId()
  return (
    <Frame id={id} {...{ label, error, hint, unit, hideLabel }}>
      <select
        id={id}
        className={cx(CONTROL, className)}
        aria-invalid={error ? true : undefined}
        aria-describedby={error ? `${id}-error` : undefined}
        {...rest}
      >
        {choices.map(({ value, say }) => (
          <option key={value} value={value}>
            {say}
          </option>
        ))}
      </select>
    </Frame>
  )
}
