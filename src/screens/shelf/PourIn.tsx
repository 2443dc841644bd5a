'use client'

import { useState } from 'react'
import type { Bottle } from '@/core/model/bottle'
import { type PouredIn, pouredInto, thinnerFor } from '@/core/shelf'
import { Button } from '@/ui/Button'
import { writeDate } from '@/ui/dates'
import { SelectField, TextField } from '@/ui/Field'
import { about, measured } from '@/ui/units'
import { isAmount, numberOf } from '../shared/fieldText'

/** The latest dilutions that are shown. */
const SHOWN = 4

/** Thinner or paint poured into a bottle: its share is reckoned, and the dilution is remembered. */
export function PourIn({
  bottle,
  shelf,
  onPour,
}: {
  bottle: Bottle
  shelf: readonly Bottle[]
  /** @returns was it written? */
  onPour: (poured: PouredIn) => Promise<boolean>
}) {
  const [ml, setMl] = useState('')
  const liquids = shelf.filter(
    (otherBottle) => otherBottle.id !== bottle.id && otherBottle.family === bottle.family,
  )
  const thinners = liquids.filter((liquid) => liquid.role === 'thinner')
  const [from, setFrom] = useState('')
  const source = liquids.find((liquid) => liquid.id === from)
  const amount = numberOf(ml)
  const good = isAmount(amount, 5000)
  const poured: PouredIn | null = good
    ? {
        ml: amount,
        share: source && source.role !== 'thinner' ? (source.share ?? 1) : 0,
        name: source?.name ?? 'thinner',
        from: source?.id,
      }
    : null
  const after = poured ? pouredInto(bottle, poured) : null
  const half = thinnerFor(bottle, 0.5)
  const share = Math.round((bottle.share ?? 1) * 100)
  return (
    <section aria-labelledby="pour" className="mt-5 border-t border-rule pt-4">
      <h3 id="pour" className="font-display text-lg font-semibold">
        Poured into it
      </h3>
      <p className="mt-1">
        It is <strong>{share} % paint</strong> now
        {share < 100 ? '; only neat paint brings it back, so mixes make up for it.' : '.'}
      </p>
      {half !== null && (
        <p className="text-sm text-soft">
          {measured(half, 'ml', 1)} of thinner bring it to half paint, as an airbrush usually takes
          it.
        </p>
      )}
      <form
        noValidate
        aria-label="Pour into it"
        className="mt-2 flex flex-wrap items-start gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          if (poured) void onPour(poured).then((written) => written && setMl(''))
        }}
      >
        <div className="w-32">
          <TextField
            label="Amount"
            unit="ml"
            inputMode="decimal"
            value={ml}
            error={ml !== '' && !good ? 'Enter 0.01 to 5000 ml' : null}
            onChange={(event) => setMl(event.target.value)}
          />
        </div>
        <div className="min-w-0 flex-1 basis-48">
          <SelectField
            label="Of"
            value={from}
            onChange={(event) => setFrom(event.target.value)}
            choices={[
              { value: '', say: 'Its thinner' },
              ...[...thinners, ...liquids.filter((liquid) => liquid.role !== 'thinner')].map(
                (one) => ({
                  value: one.id,
                  say: one.name,
                }),
              ),
            ]}
          />
        </div>
        <Button type="submit" className="mt-6" disabled={!after}>
          {after ? `Pour it: ${Math.round(after.share * 100)} % paint, ${after.ml} ml` : 'Pour it'}
        </Button>
      </form>
      <Dilutions bottle={bottle} />
    </section>
  )
}

/** What was poured into it so far, the latest first. */
function Dilutions({ bottle: { thinnings = [] } }: { bottle: Bottle }) {
  if (thinnings.length === 0) return null
  return (
    <ol className="mt-3 text-sm text-soft" aria-label="Dilutions, the latest first">
      {[...thinnings]
        .reverse()
        .slice(0, SHOWN)
        .map((thinning) => (
          <li key={`${thinning.at} ${thinning.shareAfter}`}>
            {writeDate('date', Date.parse(thinning.at))}: {about(thinning.addedMl, 'ml', 1)} of{' '}
            {thinning.with ?? 'thinner'}, then {Math.round(thinning.shareAfter * 100)} % paint
          </li>
        ))}
    </ol>
  )
}
