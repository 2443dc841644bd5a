'use client'

import { Check } from 'lucide-react'
import { key, partOf } from '@/core/model/stepRef'
import type { Along } from './useAlong'

/** The run that the act in hand is part of: one key for all of it, and a tap leaves a part out. */
export function AlongParts({ own, along }: { own: string; along: Along }) {
  const chosen = new Set(along.chosen)
  return (
    <fieldset className="mb-3 min-w-0">
      <legend className="text-soft">One run, one mix: logged for {own} and</legend>
      <div className="mt-1.5 flex flex-wrap gap-2">
        {along.all.map((one) => {
          const id = key(partOf(one.ref))
          const isIn = chosen.has(one)
          return (
            <button
              key={id}
              type="button"
              aria-pressed={isIn}
              onClick={() => along.toggle(id)}
              className={`flex min-h-11 items-center gap-2 rounded-tool px-3 ${isIn ? 'bg-plate font-semibold' : 'text-soft line-through'}`}
            >
              <span className="grid h-5 w-5 place-items-center border-2 border-current">
                {isIn && <Check size={14} strokeWidth={3} aria-hidden="true" />}
              </span>
              {one.name}
            </button>
          )
        })}
      </div>
    </fieldset>
  )
}
