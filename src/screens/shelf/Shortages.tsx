'use client'

import { useMemo } from 'react'
import { missingTools, shortages, substitutesFor } from '@/core/stock'
import { useParts, useStock } from '@/state/hooks'
import { Button } from '@/ui/Button'
import { saveFile } from '@/ui/saveFile'
import { measured, number } from '@/ui/units'
import { capital } from '../shared/words'

/** Bottles that don't last for what is planned, over all builds; what could stand in, and a list to take to the shop. */
export function Shortages() {
  const stock = useStock()
  const { project } = stock
  const parts = useParts()
  const short = useMemo(() => shortages(stock, parts), [stock, parts])
  const missing = useMemo(() => missingTools(project, parts), [project, parts])
  if (short.length + missing.length === 0) return null
  const list = short
    .map(
      ({ bottle, shortMl }) =>
        `- ${bottle.name}${bottle.maker ? `, ${bottle.maker}` : ''}: ${measured(shortMl, 'ml', 1)} short`,
    )
    .join('\n')
  const buildName = (id: string) => project.builds?.find((build) => build.id === id)?.name ?? id
  return (
    <section aria-labelledby="short" className="mt-6 border-y-2 border-risk py-3">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h2 id="short" className="font-display text-xl font-semibold">
          Short for what is planned
        </h2>
        <Button size="small" onClick={() => saveFile('to-buy.md', `${list}\n`, 'text/markdown')}>
          Save a shopping list
        </Button>
      </div>
      <ul className="mt-1">
        {short.map(({ bottle, plannedMl, shortMl, builds }) => {
          const other = substitutesFor(bottle, project.shelf ?? [])[0]
          return (
            <li
              key={bottle.id}
              className="grid gap-x-6 border-t border-rule py-2 md:grid-cols-[16rem_8rem_1fr]"
            >
              <span className="font-semibold">{bottle.name}</span>
              <span className="font-semibold text-risk">{measured(shortMl, 'ml', 1)} short</span>
              <span className="text-soft">
                {measured(plannedMl, 'ml', 1)} planned for {builds.map(buildName).join(', ')}
                {other
                  ? `; nearest in its place ${other.bottle.name}${other.deltaE00 === null ? '' : `, ΔE00 ${number(other.deltaE00, 1, true)}`}`
                  : '; nothing like it on the shelf'}
                .
              </span>
            </li>
          )
        })}
        {missing.map(({ kind, steps, builds, instead }) => (
          <li
            key={kind}
            className="grid gap-x-6 border-t border-rule py-2 md:grid-cols-[16rem_8rem_1fr]"
          >
            <span className="font-semibold">{capital(kind)}</span>
            <span className="font-semibold text-risk">none on the shelf</span>
            <span className="text-soft">
              {steps === 1 ? 'One step needs it' : `${steps} steps need it`}, for{' '}
              {builds.map(buildName).join(', ')}. {instead}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}
