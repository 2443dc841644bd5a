'use client'

import { useState } from 'react'
import { SelectField, TextField } from '@/ui/Field'
import { about, number } from '@/ui/units'
import { isAmount, numberOf } from '../shared/fieldText'
import { Surround } from './Judged'
import type { ShownPass } from './VeilStrip'

const SHRINKS = [
  { value: '0.8', say: 'a fifth smaller' },
  { value: '0.65', say: 'a third smaller' },
  { value: '0.5', say: 'half as wide' },
] as const
/** Pixels from the middle of the picture to its side. */
const HALF = 70

/** A stain built up of passes, each smaller than the last: how far each reaches, and its colours from the rim inwards. */
export function Rings({ face, passes }: { face: string; passes: readonly ShownPass[] }) {
  const [shrink, setShrink] = useState<string>('0.65')
  const [first, setFirst] = useState('4')
  const radius = numberOf(first)
  const good = isAmount(radius, 200)
  const rings = passes.map((pass, i) => ({
    ...pass,
    share: Number(shrink) ** i,
    mm: good ? radius * Number(shrink) ** i : 0,
  }))
  return (
    <section aria-labelledby="rings" className="border-t-2 border-strong pt-3">
      <h2 id="rings" className="font-display text-xl font-semibold">
        As a stain, each pass smaller than the last
      </h2>
      <div className="mt-2 flex flex-wrap items-start gap-6">
        <Surround tight>
          <svg width={HALF * 2} height={HALF * 2} role="img" aria-label="The stain from above">
            <rect width={HALF * 2} height={HALF * 2} fill={face} />
            {rings.map(({ veil, pass, colour, share }) => (
              <circle
                key={`${veil} ${pass}`}
                cx={HALF}
                cy={HALF}
                r={share * HALF * 0.85}
                fill={colour}
              />
            ))}
          </svg>
        </Surround>
        <div className="w-40 space-y-3">
          <TextField
            label="First pass reaches"
            unit="mm"
            inputMode="decimal"
            value={first}
            error={good ? null : 'Enter mm above 0, to 200'}
            onChange={(event) => setFirst(event.target.value)}
          />
          <SelectField
            label="Each next one"
            value={shrink}
            onChange={(event) => setShrink(event.target.value)}
            choices={SHRINKS}
          />
        </div>
        {good && (
          <ol className="min-w-52" aria-label="Passes of the stain">
            {rings.map(({ veil, pass, name, mm, colour, fromFace }) => (
              <li
                key={`${veil} ${pass}`}
                className="flex justify-between gap-4 border-b border-rule py-1"
              >
                <span>
                  {name}, {pass}
                </span>
                <span>
                  {about(mm, 'mm', 1)}
                  <span className="text-soft"> · ΔE00 {number(fromFace, 1, true)}</span>
                  <span className="sr-only">, {colour}</span>
                </span>
              </li>
            ))}
          </ol>
        )}
      </div>
    </section>
  )
}
