import { useId } from 'react'
import { saidCoats } from '@/core/formats/text/saidCoats'
import { COATS, type Coat } from '@/core/model/vocabulary'
import { cx } from '@/ui/cx'
import { plain } from '../shared/words'

/** How high a coat of a weight is drawn, px. */
const HIGH: Record<Coat, string> = { mist: 'h-1', light: 'h-2.5', wet: 'h-4', flood: 'h-6' }

/** Coats tapped in one by one, or typed: "mist light x2". They lie as they will, the first at the bottom. */
export function CoatsField({
  value,
  onChange,
  error,
  disabled,
}: {
  value: string
  onChange: (coats: string) => void
  error: string | undefined
  disabled: boolean
}) {
  const id = useId()
  const coats = saidCoats(value).filter((coat): coat is Coat => COATS.includes(coat as Coat))
  const put = (next: readonly string[]) => onChange(next.join(', '))
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="mb-1 block text-sm font-semibold text-soft">
        Coats
      </label>
      <div className="flex gap-2">
        <div
          aria-hidden="true"
          className="flex w-10 shrink-0 flex-col-reverse justify-start gap-px bg-sunk p-1"
        >
          {coats.slice(0, 8).map((coat, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: coats are told apart by their place
            <span key={i} className={cx('block w-full bg-ink', HIGH[coat])} />
          ))}
        </div>
        <input
          id={id}
          value={value}
          disabled={disabled}
          autoComplete="off"
          placeholder="one light coat"
          aria-invalid={error ? true : undefined}
          aria-describedby={error ? `${id}-error` : undefined}
          onChange={(event) => onChange(event.target.value)}
          className="control min-h-11 w-full min-w-0 px-2.5"
        />
      </div>
      <fieldset className="mt-1 flex" disabled={disabled}>
        <legend className="sr-only">Add a coat</legend>
        {COATS.map((coat) => (
          <button
            key={coat}
            type="button"
            onClick={() => put([...coats, coat])}
            className="key ml-px first:ml-0 min-h-11 min-w-0 flex-1 px-1"
          >
            <span className="sr-only">Add a coat: </span>
            {plain(coat)}
          </button>
        ))}
        <button
          type="button"
          aria-label="Remove the last coat"
          onClick={() => put(coats.slice(0, -1))}
          className="key ml-px first:ml-0 min-h-11 w-11"
        >
          −
        </button>
      </fieldset>
      {error && (
        <p id={`${id}-error`} className="mt-1 text-sm font-semibold text-stop">
          {error}
        </p>
      )}
    </div>
  )
}
