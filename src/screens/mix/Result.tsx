import Link from 'next/link'
import { useMemo } from 'react'
import { addedFromShare, densityOf, type Mix, massOf } from '@/core/mixing'
import type { Bottle } from '@/core/model/bottle'
import { MeasuringCup } from '@/ui/MeasuringCup'
import { Swatch } from '@/ui/Swatch'
import { measured, number } from '@/ui/units'
import { panelHref } from '../shared/panelHref'
import { mixedColour } from './keep'
import type { Line } from './request'

/** The mix as ratio, drops and fill lines. */
export function Result({
  mixed,
  cup,
  shelf,
  lines,
}: {
  mixed: Mix
  cup: string
  shelf: readonly Bottle[]
  lines: readonly Line[]
}) {
  const thin = 1 - mixed.paintShare
  const colour = useMemo(() => mixedColour(lines, mixed, shelf), [lines, mixed, shelf])
  return (
    <>
      <p className="text-2xl font-semibold">{mixed.ratio}</p>
      <p className="text-soft">
        {measured(mixed.totalMl, 'ml', 1)}
        {mixed.fills > 1 ? `, in ${mixed.fills} fills of ${measured(mixed.fillMl, 'ml', 2)}` : ''}
      </p>
      <p className="mb-5 text-soft">
        Thinned {number(thin * 100, 0, true)} % of the mix, that is{' '}
        {mixed.paintShare > 0 ? number(addedFromShare(thin) * 100, 0, true) : '—'} % added to the
        paint.
      </p>
      <MeasuringCup
        layers={mixed.ingredients.map((ingredient, i) => {
          const bottle = shelf.find((each) => each.id === lines[i]?.bottle)
          return {
            ...ingredient,
            colour: bottle?.colour ?? null,
            grams: bottle && massOf(ingredient.ml, bottle.density ?? densityOf(bottle)),
          }
        })}
        fillMl={mixed.fillMl}
        cupMl={cup === '' ? null : Number(cup)}
        fills={mixed.fills}
        rounded
      />
      {colour && (
        <div className="mt-4 flex items-center gap-3">
          <Swatch colour={colour} size="large" />
          <p className="text-soft">
            Laid on until it hides: {colour}{' '}
            <Link href={panelHref({ colour })} className="text-act underline">
              See it on the panel
            </Link>
          </p>
        </div>
      )}
      <p className="mt-4 text-soft">
        Whole drops are {number(mixed.errorPercent, 1, true)} % off the ratio.
      </p>
      {emptied(mixed, lines, shelf).map((words) => (
        <p key={words} className="mt-2 border-l-4 border-risk pl-3">
          {words}
        </p>
      ))}
      {mixed.warnings.map((warning) => (
        <p key={warning} className="mt-2 border-l-4 border-risk pl-3">
          {warning}
        </p>
      ))}
    </>
  )
}

/** Bottles that hold less than the mix takes of them. */
function emptied(mixed: Mix, lines: readonly Line[], shelf: readonly Bottle[]): string[] {
  return lines.flatMap((line, i) => {
    const bottle = shelf.find((bottle) => bottle.id === line.bottle)
    const short = (mixed.ingredients[i]?.ml ?? 0) - (bottle?.leftMl ?? 0)
    return bottle && short > 0.005
      ? [
          `${bottle.name} has ${measured(bottle.leftMl, 'ml', 2)} left, ${measured(short, 'ml', 2)} too little.`,
        ]
      : []
  })
}
