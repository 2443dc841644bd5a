'use client'
import { useState } from 'react'
import type { Bottle } from '@/core/model/bottle'
import { useRun } from '@/state/writing'
import { Swatch } from '@/ui/Swatch'
import { about } from '@/ui/units'
import { given } from './many'

/** A bottle to tick, with what is left in it written in place: Enter or leaving the field writes it. */
export function ManyRow({
  bottle,
  ticked,
  onTick,
}: {
  bottle: Bottle
  ticked: boolean
  onTick: (ticked: boolean) => void
}) {
  const run = useRun()
  const [typed, setTyped] = useState<string | null>(null)
  const [error, setError] = useState<string | null>(null)
  const write = () => {
    if (typed === null || typed.trim() === String(bottle.leftMl)) return setTyped(null)
    const read = given([bottle], 'leftMl', typed, Date.now())
    setError(read.ok ? null : read.error)
    if (!read.ok) return
    setTyped(null)
    const ml = read.changes[0]?.fields.leftMl ?? bottle.leftMl
    void run('changeBottles', read.changes, `${bottle.name}: ${ml} ml left`)
  }
  return (
    <li className="border-b border-rule py-1.5 [contain-intrinsic-size:auto_57px] [content-visibility:auto]">
      <div className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          aria-label={`Tick ${bottle.name}`}
          className="size-5 shrink-0"
          checked={ticked}
          onChange={(event) => onTick(event.target.checked)}
        />
        <Swatch colour={bottle.colour} />
        <span className="min-w-0 flex-1 truncate font-semibold">{bottle.name}</span>
        <input
          aria-label={`Left in ${bottle.name}, ml`}
          aria-invalid={error ? true : undefined}
          inputMode="decimal"
          value={typed ?? String(Number(bottle.leftMl.toFixed(2)))}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={write}
          onKeyDown={(event) => {
            if (event.key === 'Enter') write()
            if (event.key === 'Escape') {
              setTyped(null)
              setError(null)
            }
          }}
          className="control min-h-11 w-20 px-2 text-right"
        />
        <span className="w-24 text-sm text-soft">of {about(bottle.sizeMl, 'ml', 1)}</span>
      </div>
      {error && (
        <p role="alert" className="text-right text-sm font-semibold text-stop">
          {error}
        </p>
      )}
    </li>
  )
}
