import { zonesOf } from '@/core/builds'
import type { Build } from '@/core/model/build'
import { Tick } from '@/ui/Tick'

/** Ticks zones of a step. Nothing where no part has zones. */
export function ZoneChecks({
  legend,
  none,
  build,
  parts,
  value,
  disabled,
  error,
  onChange,
}: {
  legend: string
  /** What it means where none is ticked. */
  none: string
  build: Build
  parts: readonly string[]
  /** Ids, with a comma and a space between. */
  value: string
  disabled: boolean
  error: string | undefined
  onChange: (event: { target: { value: string } }) => void
}) {
  const zones = parts.flatMap((part) => zonesOf(build, part))
  if (zones.length === 0) return null
  const chosen = value === '' ? [] : value.split(', ')
  const many = new Set(zones.map(({ part }) => part)).size > 1
  const partName = (id: string) => build.parts.find((part) => part.id === id)?.name ?? ''
  const choose = (next: readonly string[]) => onChange({ target: { value: next.join(', ') } })
  return (
    <fieldset disabled={disabled} aria-invalid={error ? true : undefined}>
      <legend className="mb-1 text-sm font-semibold text-soft">{legend}</legend>
      <p className="text-sm text-soft">{none}</p>
      <div className="grid grid-cols-2 gap-x-3">
        {zones.map(({ id, name, part }) => (
          <Tick
            key={id}
            on={chosen.includes(id)}
            onTick={(on) => choose(on ? [...chosen, id] : chosen.filter((one) => one !== id))}
          >
            <span>
              {name} {many && <span className="text-sm text-soft">{partName(part)}</span>}
            </span>
          </Tick>
        ))}
      </div>
      {error && <p className="text-sm font-semibold text-stop">{error}</p>}
    </fieldset>
  )
}
