import { useState } from 'react'
import type { Zone } from '@/core/model/zone'
import { type DetailWay, detailWays } from '@/core/places/detailWays'
import { TextField } from '@/ui/Field'
import { Tick } from '@/ui/Tick'
import { sayFigures } from '@/ui/time'
import { numberOf } from '../../shared/fieldText'

const SAY: Record<DetailWay, string> = {
  mask: 'mask it and spray',
  brush: 'by brush',
  freehand: 'sprayed freehand',
  'wash-fill': 'let a wash fill it',
}

/** How a zone gets its colour quickest: by mask, brush, freehand or a wash, with the minutes of each. Nothing where its size isn't known. */
export function DetailWays({ zone, edgeMm }: { zone: Zone; edgeMm: number }) {
  const [soft, setSoft] = useState(false)
  const [deep, setDeep] = useState('')
  const recess = numberOf(deep)
  if (zone.areaCm2 === undefined) return null
  const ways = detailWays({
    areaCm2: zone.areaCm2,
    edgeMm,
    softEdge: soft,
    ...(typeof recess === 'number' ? { recessMm: recess } : {}),
  })
  return (
    <div className="mt-3 flex flex-wrap items-end gap-x-6 gap-y-2">
      <div>
        <p className="text-sm font-semibold text-soft">Quickest way to its colour</p>
        <ol aria-label="Ways to its colour">
          {ways.map(({ way, minutes }, i) => (
            <li key={way} className={i === 0 ? 'font-semibold' : 'text-soft'}>
              {SAY[way]}, {sayFigures(Math.round(minutes) * 60_000)}
            </li>
          ))}
        </ol>
      </div>
      <Tick className="min-h-11" on={soft} onTick={setSoft}>
        Its edge may be soft
      </Tick>
      <div className="w-44">
        <TextField
          label="A recess, so deep"
          unit="mm"
          inputMode="decimal"
          value={deep}
          onChange={({ target }) => setDeep(target.value)}
        />
      </div>
    </div>
  )
}
