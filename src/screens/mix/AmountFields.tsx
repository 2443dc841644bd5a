'use client'

import { useState } from 'react'
import { SelectField, TextField } from '@/ui/Field'
import { Tick } from '@/ui/Tick'
import { useDropped } from '../shared/dropped'
import { AreaFinder } from './AreaFinder'
import type { Amount } from './request'

/** How much of it: a volume, or what an area and its coats take. */
export function AmountFields({
  amount,
  setAmount,
  errors,
}: {
  amount: Amount
  setAmount: (amount: Amount) => void
  errors: Record<string, string>
}) {
  const [mesh, setMesh] = useState<File | null>(null)
  useDropped('mesh', (file) => {
    setMesh(file)
    setAmount({ ...amount, by: 'area' })
  })
  return (
    <fieldset>
      <legend className="mb-1 font-display text-xl font-semibold">How much</legend>
      <By by={amount.by} onChoose={(by) => setAmount({ ...amount, by })} />
      {amount.by === 'volume' ? (
        <div className="max-w-48">
          <TextField
            label="Volume"
            unit="ml"
            inputMode="decimal"
            value={amount.volume}
            error={errors.volumeMl}
            onChange={(event) => setAmount({ ...amount, volume: event.target.value })}
          />
        </div>
      ) : (
        <div className="grid gap-3 sm:grid-cols-3">
          <TextField
            label="Area"
            unit="cm²"
            inputMode="decimal"
            value={amount.area}
            error={errors.area ?? errors.volumeMl}
            onChange={(event) => setAmount({ ...amount, area: event.target.value })}
          />
          <TextField
            label="Coats"
            value={amount.coats}
            error={Object.entries(errors).find(([path]) => path.startsWith('coats'))?.[1]}
            hint="mist, light, wet, clear-wet, brush"
            onChange={(event) => setAmount({ ...amount, coats: event.target.value })}
          />
          <SelectField
            label="Tool"
            value={amount.tool}
            onChange={(event) => setAmount({ ...amount, tool: event.target.value })}
            choices={[
              { value: 'airbrush', say: 'Airbrush 0.2–0.3 mm' },
              { value: 'airbrush-broad', say: 'Airbrush 0.4–0.5 mm' },
              { value: 'spray-can', say: 'Spray can' },
              { value: 'brush', say: 'Brush' },
            ]}
          />
          <Tick
            className="min-h-11"
            on={amount.open}
            onTick={(on) => setAmount({ ...amount, open: on })}
          >
            Small or open parts
          </Tick>
          <div className="sm:col-span-3">
            <AreaFinder
              key={mesh?.name}
              dropped={mesh}
              onArea={(area) => setAmount({ ...amount, area: area.toFixed(1) })}
            />
          </div>
        </div>
      )}
    </fieldset>
  )
}

/** Said as a volume, or as what is to be covered. */
function By({ by: chosen, onChoose }: { by: Amount['by']; onChoose: (by: Amount['by']) => void }) {
  return (
    <div className="flex flex-wrap gap-5">
      {(['volume', 'area'] as const).map((by) => (
        <label key={by} className="flex min-h-11 items-center gap-2">
          <input
            type="radio"
            name="by"
            className="size-5"
            checked={chosen === by}
            onChange={() => onChoose(by)}
          />
          {by === 'volume' ? 'A volume' : 'For an area and its coats'}
        </label>
      ))}
    </div>
  )
}
