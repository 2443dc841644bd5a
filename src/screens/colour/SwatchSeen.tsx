'use client'
import { useMemo, useState } from 'react'
import { fitHiding } from '@/core/colour'
import type { Bottle } from '@/core/model/bottle'
import { bottlePaint } from '@/core/shelf'
import { useRun } from '@/state/hooks'
import { changeBottles, keepSwatch } from '@/store/actions/shelf'
import { Button } from '@/ui/Button'
import { SelectField } from '@/ui/Field'
import { number } from '@/ui/units'
import { ColourField } from './ColourField'

const COATS = ['1', '2', '3', '4'] as const
/** A swatch that differs by more than this is of another paint, or typed wrongly, ΔE00. */
const STRANGE = 6

/** A real swatch against its prediction: what it says of the paint is kept with the bottle, and written into the log. */
export function SwatchSeen({ bottle, over, film }: { bottle: Bottle; over: string; film: number }) {
  const run = useRun()
  const [coats, setCoats] = useState<string>('1')
  const [seen, setSeen] = useState(bottle.colour?.toUpperCase() ?? '#808080')
  const fit = useMemo(
    () =>
      fitHiding(bottlePaint(bottle), { ground: over, coats: Number(coats), thickness: film, seen }),
    [bottle, over, coats, film, seen],
  )
  const strange = fit.after > STRANGE
  const keep = () => {
    const text = `Swatch of ${bottle.name}: ${coats} × over ${over} came out ${seen}, ΔE00 ${fit.before.toFixed(1)} from what was predicted. It hides in ${fit.hiding} light coats.`
    void run(keepSwatch, bottle.id, fit.hiding, text)
  }
  return (
    <section aria-labelledby="swatch" className="border-t border-rule pt-4">
      <h2 id="swatch" className="font-display text-lg font-semibold">
        A swatch you laid
      </h2>
      <div className="mt-2 space-y-3">
        <SelectField
          label="Coats over what it goes on"
          value={coats}
          onChange={(event) => setCoats(event.target.value)}
          choices={COATS.map((value) => ({ value, say: value }))}
        />
        <ColourField label="Came out" value={seen} onChange={setSeen} />
      </div>
      <p className="mt-2 text-sm" aria-live="polite">
        Predicted ΔE00 {number(fit.before, 1, true)} away.{' '}
        {strange
          ? 'No hiding explains that: is the colour of the bottle right?'
          : `Hiding in ${fit.hiding} light coats explains it to ${number(fit.after, 1, true)}.`}
      </p>
      <Button className="mt-2" disabled={strange} onClick={keep}>
        Save it with the bottle
      </Button>
      {bottle.hiding !== undefined && (
        <Button
          className="mt-2 ml-2"
          onClick={() =>
            void run(
              changeBottles,
              [{ id: bottle.id, fields: { hiding: undefined } }],
              `${bottle.name} hides as its colour usually does`,
            )
          }
        >
          Back to the usual
        </Button>
      )}
    </section>
  )
}
