'use client'

import { useMemo } from 'react'
import { costsOf } from '@/core/stock'
import { useParts, useStock } from '@/state/hooks'
import { number } from '@/ui/units'

/** What each build has cost and will: only once something has a price. */
export function Costs() {
  const stock = useStock()
  const parts = useParts()
  const costs = useMemo(
    () => costsOf(stock, parts).filter((cost) => cost.paint + cost.tools + cost.toCome > 0),
    [stock, parts],
  )
  return (
    <section aria-labelledby="costs" className="mt-10 border-t-2 border-strong pt-4">
      <h2 id="costs" className="font-display text-xl font-semibold">
        What builds cost
      </h2>
      {costs.length === 0 ? (
        <p className="mt-1 text-soft">
          Give bottles and tools a price: what was mixed and used for a build, and what is planned,
          is then worked out here.
        </p>
      ) : (
        <table className="mt-2 w-full max-w-3xl">
          <thead>
            <tr className="border-b border-rule text-right text-sm text-soft">
              <th scope="col" className="text-left font-normal">
                Build
              </th>
              <th scope="col" className="font-normal">
                Paint mixed
              </th>
              <th scope="col" className="font-normal">
                Tools used
              </th>
              <th scope="col" className="font-normal">
                Paint to come
              </th>
              <th scope="col" className="font-normal">
                In all
              </th>
            </tr>
          </thead>
          <tbody>
            {costs.map(({ build, name, paint, tools, toCome }) => (
              <tr key={build} className="border-b border-rule text-right">
                <th scope="row" className="py-1.5 text-left font-semibold">
                  {name}
                </th>
                <td>{number(paint, 2, true)}</td>
                <td>{number(tools, 2, true)}</td>
                <td>{number(toCome, 2, true)}</td>
                <td className="font-semibold">{number(paint + tools + toCome, 2, true)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  )
}
