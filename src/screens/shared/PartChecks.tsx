import type { ReactNode } from 'react'
import { substrateRow } from '@/core/knowledge'
import type { Part } from '@/core/model/build'
import { Tick } from '@/ui/Tick'

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
        <Tick
          className="min-h-9 font-semibold"
          on={parts.every(({ id }) => chosen.includes(id))}
          onTick={(on) => onChoose(on ? parts.map(({ id }) => id) : [])}
        >
          All of them
        </Tick>
      )}
      {parts.map((part) => (
        <Tick
          key={part.id}
          on={chosen.includes(part.id)}
          onTick={(on) =>
            onChoose(on ? [...chosen, part.id] : chosen.filter((id) => id !== part.id))
          }
        >
          {part.name} <span className="text-sm text-soft">{substrateRow(part.substrate).name}</span>
        </Tick>
      ))}
      {error && <p className="text-sm font-semibold text-stop">{error}</p>}
    </fieldset>
  )
}
