'use client'

import { useState } from 'react'
import { type Mix, putRight } from '@/core/mixing'
import { TextField } from '@/ui/Field'
import { measured } from '@/ui/units'
import { isWithin, numberOf } from '../shared/fieldText'

/** What a cup may hold, ml. */
const MOST = 5000

/** Something was poured wrongly: what to add of each ingredient so that the cup is the recipe above again. */
export function PouredWrongly({ mixed }: { mixed: Mix | null }) {
  const [typed, setTyped] = useState<Record<number, string>>({})
  if (!mixed || mixed.ingredients.length < 2) return null
  const poured = mixed.ingredients.map((_, i) => numberOf(typed[i] ?? '') ?? 0)
  const good = poured.every((ml): ml is number => isWithin(ml, 0, MOST))
  return (
    <section aria-labelledby="wrongly" className="mt-10 border-t-2 border-strong pt-3">
      <h2 id="wrongly" className="font-display text-xl font-semibold">
        Poured too much?
      </h2>
      <p className="mt-1 text-soft">
        What is in the cup of each; you get what makes it the mix above again.
      </p>
      <div className="mt-2 grid max-w-3xl grid-cols-2 gap-3 md:grid-cols-4">
        {mixed.ingredients.map(({ name }, i) => (
          <TextField
            // biome-ignore lint/suspicious/noArrayIndexKey: an ingredient is its place in the mix
            key={i}
            label={`Poured of ${name}`}
            unit="ml"
            inputMode="decimal"
            placeholder="0"
            value={typed[i] ?? ''}
            error={isWithin(poured[i], 0, MOST) ? null : 'Enter 0 to 5000 ml'}
            onChange={(event) => setTyped({ ...typed, [i]: event.target.value })}
          />
        ))}
      </div>
      <p className="mt-3 text-lg" aria-live="polite">
        {good
          ? restWords(mixed, poured as number[])
          : 'Nothing is worked out until every field can be read.'}
      </p>
    </section>
  )
}

/** Less than this can't be poured, ml. */
const NOTHING = 0.005

function restWords(mixed: Mix, poured: readonly number[]): string {
  if (poured.every((ml) => ml === 0)) return 'Nothing is in the cup yet.'
  const rest = putRight(
    mixed.ingredients.map((ingredient) => ingredient.ml),
    poured,
  )
  const add = mixed.ingredients.flatMap(({ name }, i) => {
    const ml = rest[i] as number
    return ml < NOTHING ? [] : [`${measured(ml, 'ml', 2)} of ${name}`]
  })
  if (add.length === 0) return 'It is the recipe as it is.'
  const total = poured.reduce((sum, ml) => sum + ml, 0) + rest.reduce((sum, ml) => sum + ml, 0)
  return `Add ${add.join(' and ')}: ${measured(total, 'ml', 2)} in all.`
}
