import {
  type InputHTMLAttributes,
  type ReactNode,
  type SelectHTMLAttributes,
  useId,
  useState,
} from 'react'
import { cx } from './cx'
import { isMetric, type Metric, metricOf, shownIn, unitOf } from './units'

type Shared = {
  label: string
  /** What is wrong with it: path, found and expected in one sentence. */
  error?: string | null | undefined
  hint?: ReactNode
  unit?: string
  /** The label is for readers only: the place says what it is. */
  hideLabel?: boolean
}

const CONTROL = 'control w-full min-h-11 px-2.5'

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

type TextFieldProps = Shared & InputHTMLAttributes<HTMLInputElement>

/** A field of text with its label, and the error under it. A measure is shown and typed in the unit that is chosen, and kept in its own. */
export function TextField({ unit, ...rest }: TextFieldProps) {
  return isMetric(unit) && unit !== unitOf(unit) ? (
    <MeasureField {...rest} metric={unit} />
  ) : (
    <PlainField {...rest} {...(unit === undefined ? {} : { unit })} />
  )
}

/** A measure in another unit than the one that is kept. What is typed stays as it is while it means what is kept. */
function MeasureField({
  metric,
  value,
  onChange,
  ...rest
}: Omit<TextFieldProps, 'unit'> & { metric: Metric }) {
  const kept = String(value ?? '')
  const [typed, setTyped] = useState(() => shownIn(kept, metric))
  const shown = metricOf(typed, metric) === kept ? typed : shownIn(kept, metric)
  return (
    <PlainField
      {...rest}
      unit={unitOf(metric)}
      value={shown}
      onChange={(event) => {
        setTyped(event.target.value)
        const next = metricOf(event.target.value, metric)
        onChange?.({ ...event, target: { ...event.target, value: next } })
      }}
    />
  )
}

function PlainField({ label, error, hint, unit, hideLabel, className, ...rest }: TextFieldProps) {
  const id = useId()
  return (
    <Frame id={id} {...{ label, error, hint, hideLabel, ...(unit === undefined ? {} : { unit }) }}>
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

/** A list that is longer is made when it is turned to: the page doesn't wait for what isn't looked at. */
export const LONG = 60

/** A list to choose from with its label, and the error under it. A long one that is told its value has but that before it is turned to. */
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
  const [isTurnedTo, setTurnedTo] = useState(false)
  const turnTo = () => setTurnedTo(true)
  const isMade = isTurnedTo || choices.length <= LONG || rest.value === undefined
  const chosen = choices.find(({ value }) => value === rest.value) ?? choices[0]
  const shown = isMade || !chosen ? choices : [chosen]
  return (
    <Frame id={id} {...{ label, error, hint, unit, hideLabel }}>
      <select
        id={id}
        onFocus={turnTo}
        onPointerDown={turnTo}
        className={cx(CONTROL, className)}
        aria-invalid={error ? true : undefined}
        aria-describedby={error ? `${id}-error` : undefined}
        {...rest}
      >
        {shown.map(({ value, say }) => (
          <option key={value} value={value}>
            {say}
          </option>
        ))}
      </select>
    </Frame>
  )
}
