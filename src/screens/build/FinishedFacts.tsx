import { finishedCard } from '@/core/builds'
import type { Build } from '@/core/model/build'
import { useStock } from '@/state/hooks'
import { writeDate } from '@/ui/dates'
import { about, number } from '@/ui/units'
import { zoneHere } from '../shared/sessionZone'

/** What a build has come to so far: hours, paint, evenings, between which days. */
export function FinishedFacts({ build }: { build: Build }) {
  const { project, log } = useStock()
  const zone = project.sessions?.zone ?? zoneHere()
  const card = finishedCard(build, log, zone)
  if (card.acts === 0) return <p className="text-soft">Nothing of it is logged yet.</p>
  const rows = [
    ['Hours of hands', number(card.hours, 1)],
    ['Paint mixed', about(card.ml, 'ml', 1)],
    ['Evenings', String(card.evenings)],
    ['From', card.from === null ? '' : writeDate('date', card.from)],
    [
      build.finishedOn ? 'Finished' : 'Last at it',
      card.to === null ? '' : writeDate('date', card.to),
    ],
  ] as const
  return (
    <dl className="flex flex-wrap gap-x-8 gap-y-3">
      {rows.map(([what, said]) => (
        <div key={what}>
          <dt className="text-sm text-soft">{what}</dt>
          <dd className="text-2xl font-semibold">{said}</dd>
        </div>
      ))}
    </dl>
  )
}
