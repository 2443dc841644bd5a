'use client'

import { useState } from 'react'
import { addedFromShare, correction, topUp } from '@/core/mixing'
import { TextField } from '@/ui/Field'
import { measured } from '@/ui/units'
import { isWithin, numberOf } from '../shared/fieldText'

/** A mix that isn't as it should be: what to add so that it is, or why that can't be done and what can. */
export function PutRight() {
  const [typed, setTyped] = useState({ ml: '4', now: '50', wanted: '60', fill: '', medium: '0' })
  const [ml, now, wanted, fill, medium] = [
    typed.ml,
    typed.now,
    typed.wanted,
    typed.fill,
    typed.medium,
  ].map(numberOf)
  const problems = {
    ml: isWithin(ml, 0.01, 5000) ? null : 'Enter 0.01 to 5000 ml',
    now: isWithin(now, 0, 100) ? null : 'Enter 0 to 100 %',
    wanted: isWithin(wanted, 0, 100) ? null : 'Enter 0 to 100 %',
    fill: fill === undefined || isWithin(fill, 0.01, 5000) ? null : 'Enter ml, or nothing',
    medium: isWithin(medium, 0, 100) ? null : 'Enter 0 to 100 %',
  }
  const good = Object.values(problems).every((problem) => problem === null)
  const field = (name: keyof typeof typed) => ({
    value: typed[name],
    error: problems[name],
    inputMode: 'decimal' as const,
    onChange: (event: { target: { value: string } }) =>
      setTyped({ ...typed, [name]: event.target.value }),
  })
  return (
    <section aria-labelledby="right" className="mt-10 border-t-2 border-strong pt-3">
      <h2 id="right" className="font-display text-xl font-semibold">
        Put a mix right
      </h2>
      <p className="mt-1 text-soft">
        Too thin, too thick, thinned in the bottle, or half used: by how much of it is paint.
      </p>
      <div className="mt-2 grid max-w-4xl grid-cols-2 items-end gap-3 md:grid-cols-5">
        <TextField label="There is" unit="ml" {...field('ml')} />
        <TextField label="Paint in it" unit="%" {...field('now')} />
        <TextField label="Paint wanted" unit="%" {...field('wanted')} />
        <TextField label="Filled up to" unit="ml" placeholder="as it comes" {...field('fill')} />
        <TextField label="Thinner is medium" unit="%" {...field('medium')} />
      </div>
      <p className="mt-3 text-lg" aria-live="polite">
        {good
          ? answer(
              { ml: ml as number, share: (now as number) / 100 },
              (wanted as number) / 100,
              fill as number | undefined,
              (medium as number) / 100,
            )
          : 'Nothing is worked out until every field can be read.'}
      </p>
    </section>
  )
}

function answer(
  now: { ml: number; share: number },
  wanted: number,
  fill: number | undefined,
  medium: number,
): string {
  if (fill !== undefined) {
    const both = topUp(now, 1, 0, wanted, fill)
    return both.kind === 'add'
      ? `Add ${measured(both.first, 'ml', 2)} of neat paint and ${thinnerWords(both.second, medium)}: ${fill} ml in all.`
      : `That can’t be done: ${both.because}.`
  }
  const thicken = wanted > now.share
  const one = correction(now, thicken ? 1 : 0, wanted)
  if (one.kind === 'right') return 'It is right as it is.'
  if (one.kind === 'never') return `That can’t be done: ${one.because}.`
  const thin = 1 - wanted
  return `Add ${thicken ? `${measured(one.ml, 'ml', 2)} of neat paint` : thinnerWords(one.ml, medium)}: ${measured(one.totalMl, 'ml', 2)} in all, thinned ${Math.round(thin * 100)} % of the mix${wanted > 0 ? `, that is ${Math.round(addedFromShare(thin) * 100)} % added to the paint` : ''}.`
}

/** Thinner, or a wash's medium and water in their proportion. Source: handbook 4.3. */
function thinnerWords(ml: number, medium: number): string {
  if (medium === 0) return `${measured(ml, 'ml', 2)} of thinner`
  const water = ml * (1 - medium)
  return `${measured(ml * medium, 'ml', 2)} of medium and ${measured(water, 'ml', 2)} of water`
}
