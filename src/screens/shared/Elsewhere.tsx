'use client'

/** What another tab has changed of a thing while the same was typed here: saving keeps what is typed, unless it is taken as it is there. */
export function Elsewhere<T extends object>({
  fields,
  say,
  onTake,
}: {
  fields: Partial<T>
  /** What a field is called. */
  say: (field: keyof T) => string
  onTake: (field: keyof T) => void
}) {
  const names = Object.keys(fields) as (keyof T)[]
  if (names.length === 0) return null
  return (
    <div role="alert" className="mt-3 border-l-4 border-risk pl-3 text-sm">
      <p>Another tab has changed this meanwhile. Saving keeps what you typed.</p>
      <ul>
        {names.map((name) => (
          <li key={String(name)}>
            {say(name)} there: <b className="[overflow-wrap:anywhere]">{shown(fields[name])}</b>.{' '}
            <button
              type="button"
              className="min-h-8 text-act underline pointer-coarse:min-h-11"
              onClick={() => onTake(name)}
            >
              Take that
            </button>
          </li>
        ))}
      </ul>
    </div>
  )
}

function shown(value: unknown): string {
  const text = Array.isArray(value) ? value.join(', ') : String(value ?? '')
  return text === '' ? 'nothing' : text
}
