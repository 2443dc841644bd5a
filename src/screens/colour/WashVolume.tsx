'use client'

import { useState } from 'react'
import { lineVolume } from '@/core/mixing'
import { TextField } from '@/ui/Field'
import { about, measured } from '@/ui/units'
import { isAmount, numberOf } from '../shared/fieldText'

/** How much wash the lines of a model take. */
export function WashVolume({ widthMm, depthMm }: { widthMm: number; depthMm: number }) {
  const [metres, setMetres] = useState('2')
  const length = numberOf(metres)
  const good = isAmount(length, 1000)
  return (
    <div className="border-t border-rule pt-3">
      <TextField
        label="Line on the model"
        unit="m"
        inputMode="decimal"
        value={metres}
        error={good ? null : 'Enter m above 0, to 1000'}
        onChange={(event) => setMetres(event.target.value)}
      />
      {good && (
        <p className="mt-1" aria-live="polite">
          <strong>{measured(lineVolume(length, widthMm, depthMm), 'ml', 2)} of wash</strong>
          <span className="block text-sm text-soft">
            Lines {about(widthMm, 'mm', 2)} wide full, as much again wiped away, 15 % spare.
          </span>
        </p>
      )}
    </div>
  )
}
