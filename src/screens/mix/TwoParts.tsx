'use client'
import { useState } from 'react'
import { DENSITY, LOSS_PER_FILL, TWO_PART_TOLERANCE } from '@/core/knowledge'
import { pouredTwoPart, type TwoPart, twoPartAmounts } from '@/core/mixing'
import type { Timer } from '@/core/model/bench'
import { sayDuration } from '@/core/model/duration'
import { TIMER_MINUTES } from '@/core/schedule'
import { useRun } from '@/state/writing'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { measured, number } from '@/ui/units'
import { isAmount, numberOf } from '../shared/fieldText'

type Typed = {
  paint: string
  hardener: string
  total: string
  needed: string
  paintMl: string
  hardenerMl: string
}

/** Two-part paint: how much of each by its sheet, and what was poured against that. */
export function TwoParts() {
  const [by, setBy] = useState<TwoPart['by']>('volume')
  const [typed, setTyped] = useState<Typed>({
    paint: '4',
    hardener: '1',
    total: '10',
    needed: '',
    paintMl: '',
    hardenerMl: '',
  })
  const read = (name: keyof Typed) => {
    const value = numberOf(typed[name])
    return isAmount(value, 5000) ? value : null
  }
  const field = (name: keyof Typed, needed = true) => ({
    value: typed[name],
    inputMode: 'decimal' as const,
    error: read(name) === null && (needed || typed[name] !== '') ? 'Enter a number above 0' : null,
    onChange: (event: { target: { value: string } }) =>
      setTyped({ ...typed, [name]: event.target.value }),
  })
  const [paint, hardener, total] = [read('paint'), read('hardener'), read('total')]
  const ratio: TwoPart | null =
    paint && hardener
      ? {
          paint,
          hardener,
          by,
          density: { paint: DENSITY.twoPartClear, hardener: DENSITY.twoPartClear },
        }
      : null
  const [paintMl, hardenerMl] = [read('paintMl'), read('hardenerMl')]
  const poured = ratio && paintMl && hardenerMl ? pouredTwoPart(ratio, paintMl, hardenerMl) : null
  return (
    <section aria-labelledby="two-parts" className="mt-10 border-t-2 border-strong pt-3">
      <h2 id="two-parts" className="font-display text-xl font-semibold">
        Two-part paint
      </h2>
      <p className="mt-1 text-soft">
        By its sheet, never by eye: more than {TWO_PART_TOLERANCE} % off, and it stays soft or turns
        brittle.
      </p>
      <div className="mt-2 grid max-w-4xl grid-cols-2 gap-3 md:grid-cols-5">
        <TextField label="Parts of paint" {...field('paint')} />
        <TextField label="Parts of hardener" {...field('hardener')} />
        <SelectField
          label="The sheet says"
          value={by}
          onChange={(event) => setBy(event.target.value as TwoPart['by'])}
          choices={[
            { value: 'volume', say: 'By volume' },
            { value: 'mass', say: 'By weight' },
          ]}
        />
        <TextField label="Both together" unit="ml" {...field('total')} />
        <TextField label="Needed of it" unit="ml" {...field('needed', false)} />
      </div>
      {ratio && total && <Amounts ratio={ratio} total={total} needed={read('needed')} />}
      <div className="mt-3 grid max-w-xl grid-cols-2 gap-3">
        <TextField label="Paint that was poured" unit="ml" {...field('paintMl', false)} />
        <TextField label="Hardener that was poured" unit="ml" {...field('hardenerMl', false)} />
      </div>
      {poured && (
        <p
          aria-live="polite"
          className={poured.within ? 'mt-2' : 'mt-2 border-l-4 border-stop pl-3'}
        >
          {pouredWords(poured)}
        </p>
      )}
    </section>
  )
}

/** How much of each, what of it is waste, and the clock that begins once it is mixed. */
function Amounts({
  ratio,
  total,
  needed,
}: {
  ratio: TwoPart
  total: number
  needed: number | null
}) {
  const run = useRun()
  const { paintMl, paintGrams, hardenerMl, hardenerGrams } = twoPartAmounts(ratio, total)
  const startPotLife = () => {
    const timer: Timer = {
      id: newId(),
      kind: 'pot-life',
      name: `Two-part paint, ${total} ml`,
      startedAt: new Date().toISOString(),
      minutes: TIMER_MINUTES['pot-life'],
    }
    void run('startTimer', timer, 'Started the pot life')
  }
  return (
    <>
      <p className="mt-2 text-lg">
        Paint {measured(paintMl, 'ml', 2)} ({measured(paintGrams, 'g', 2)}), hardener{' '}
        {measured(hardenerMl, 'ml', 2)} ({measured(hardenerGrams, 'g', 2)}).
      </p>
      <p className="mt-1">{wasteWords(total, needed)}</p>
      <Button className="mt-2" onClick={startPotLife}>
        Mixed now: start its pot life, {sayDuration(TIMER_MINUTES['pot-life'])}
      </Button>
    </>
  )
}

/** What of a two-part mix is thrown away: it doesn't keep. */
function wasteWords(total: number, needed: number | null): string {
  const lost = `${measured(LOSS_PER_FILL, 'ml', 1)} stay in cup and needle at every fill`
  if (needed === null) return `It doesn’t keep: what the coats leave is waste; ${lost}.`
  const waste = total - needed
  if (waste < 0) return `That is ${measured(-waste, 'ml', 2)} too little for the coats; ${lost}.`
  return `${measured(waste, 'ml', 2)} of it are waste, ${Math.round((waste / total) * 100)} %; ${lost}.`
}

function pouredWords(poured: ReturnType<typeof pouredTwoPart>): string {
  const off = number(Math.abs(poured.errorPercent), 1, true)
  if (Math.abs(poured.errorPercent) < 0.05) return 'That is the ratio.'
  const much = poured.errorPercent > 0 ? 'too much' : 'too little'
  const mend =
    poured.addPaintMl > 0
      ? `${measured(poured.addPaintMl, 'ml', 2)} more paint`
      : `${measured(poured.addHardenerMl, 'ml', 2)} more hardener`
  return poured.within
    ? `${off} % ${much} hardener: it cures. ${mend} would make it exact.`
    : `${off} % ${much} hardener: it won’t cure as it should. Add ${mend}.`
}
