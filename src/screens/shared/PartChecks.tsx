import type { ReactNode } from 'react'
import { substrateRow } from '@/core/knowledge'
import type { Part } from '@/core/model/build'

/** Ticks the parts that something is meant for. */
export function PartChecks({
  legend,
  parts,
  chosen,
  onChoose,
  disabled,
  error,
}: {
  legend: ReactNode
  parts: readonly Part[]
  chosen: readonly string[]
  onChoose: (next: string[]) => void
  disabled?: boolean
  error?: string | undefined
}) {
  return (
    <fieldset disabled={disabled} aria-invalid={error ? true : undefined}>
      <legend className="mb-1 text-sm font-semibold text-soft">{legend}</legend>
      {parts.length > 2 && (
        <label className="flex min-h-9 items-center gap-2.5 font-semibold">
          <input
            type="checkbox"
            className="size-5"
            checked={parts.every(({ id }) => chosen.includes(id))}
            onChange={({ target }) => onChoose(target.checked ? parts.map(({ id }) => id) : [])}
          />
          All of them
        </label>
      )}
      {parts.map((part) => (
        <label key={part.id} className="flex min-h-9 items-center gap-2.5">
          <input
            type="checkbox"
            className="size-5"
            checked={chosen.includes(part.id)}
            onChange={(event) =>
              onChoose(
                event.target.checked ? [...chosen, part.id] : chosen.filter((id) => id !== part.id),
              )
            }
          />
          {part.name} <span className="text-sm text-soft">{substrateRow(part.substrate).name}</span>
        </label>
      ))}
      {error && <p className="text-sm font-semibold text-stop">{error}</p>}
    </fieldset>
  )
}
