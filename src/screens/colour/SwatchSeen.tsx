'use client'
import { useMemo, useState } from 'react'
import { fitHiding } from '@/core/colour'
import type { Bottle } from '@/core/model/bottle'
import { bottlePaint } from '@/core/shelf'
import { SelectField } from '@/ui/Field'
import { SwatchSays } from '../shared/SwatchSays'
import { ColourField } from './ColourField'

const COATS = ['1', '2', '3', '4'] as const
/** A real swatch against its prediction: what it says of the paint is kept with the bottle, and written into the log. */
export function SwatchSeen({
  bottle,
  over,
  film,
  read,
}: {
  bottle: Bottle
  over: string
  film: number
  /** What was read from a picture, and how far off it may be; null: nothing was. */
  read: { colour: string; unsure: number } | null
}) {
  const [coats, setCoats] = useState<string>('1')
  const [seen, setSeen] = useState(read?.colour ?? bottle.colour?.toUpperCase() ?? '#808080')
  const unsure = read && seen === read.colour ? read.unsure : undefined
  const fit = useMemo(
    () =>
      fitHiding(bottlePaint(bottle), {
        ...{ ground: over, coats: Number(coats), thickness: film, seen, unsure },
      }),
    [bottle, over, coats, film, seen, unsure],
  )
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
      <SwatchSays bottle={bottle} fit={fit} laid={`${coats} × over ${over} came out ${seen}`} />
    </section>
  )
}
