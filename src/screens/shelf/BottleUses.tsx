'use client'

import Link from 'next/link'
import { useMemo } from 'react'
import type { Bottle } from '@/core/model/bottle'
import { usesOf } from '@/core/stock'
import { useParts, useStock } from '@/state/hooks'
import { about, measured } from '@/ui/units'
import { stepName } from '../shared/words'

/** Where a bottle is planned: each step with how much of it that takes. */
export function BottleUses({ bottle }: { bottle: Bottle }) {
  const stock = useStock()
  const parts = useParts()
  const uses = useMemo(
    () => usesOf(stock, parts).filter((use) => use.bottle.id === bottle.id),
    [stock, parts, bottle.id],
  )
  const total = uses.reduce((sum, use) => sum + use.ml, 0)
  return (
    <section aria-labelledby="uses" className="mt-5 border-t border-rule pt-4">
      <h3 id="uses" className="font-display text-lg font-semibold">
        Planned with it
      </h3>
      {uses.length === 0 ? (
        <p className="text-soft">No step that is still to do.</p>
      ) : (
        <ul className="max-w-3xl">
          {uses.map(({ build, part, step, ml }) => (
            <li
              key={`${build.id} ${part.id} ${step.id}`}
              className="flex justify-between gap-4 border-b border-rule py-1"
            >
              <Link href={`/builds/${build.id}?part=${part.id}`} className="underline">
                {build.name}, {part.name}: {stepName(step)}
              </Link>
              <span>{ml > 0 ? `${measured(ml, 'ml', 2)}` : 'no area said'}</span>
            </li>
          ))}
          <li className="flex justify-between gap-4 py-1 font-semibold">
            <span>In all, of {about(bottle.leftMl, 'ml', 2)}</span>
            <span>{measured(total, 'ml', 2)}</span>
          </li>
        </ul>
      )}
    </section>
  )
}
