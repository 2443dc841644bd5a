import { finishedCard } from '@/core/builds'
import type { Build } from '@/core/model/build'
import { useStock } from '@/state/hooks'
import { localeHere } from '@/ui/units'

const HOURS = new Intl.NumberFormat(localeHere(), { maximumFractionDigits: 1 })
const DAY = new Intl.DateTimeFormat(localeHere(), { dateStyle: 'medium' })

/** What a build has come to so far: hours, paint, evenings, between which days. */
export function FinishedFacts({ build }: { build: Build }) {
  const { project, log } = useStock()
  const zone = project.sessions?.zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone
  const card = finishedCard(build, log, zone)
  if (card.acts === 0) return <p className="text-soft">Nothing of it is logged yet.</p>
  const rows = [
    ['Hours of hands', HOURS.format(card.hours)],
    ['Paint mixed', `${HOURS.format(card.ml)} ml`],
    ['Evenings', String(card.evenings)],
    ['From', card.from === null ? '' : DAY.format(card.from)],
    [build.finishedOn ? 'Finished' : 'Last at it', card.to === null ? '' : DAY.format(card.to)],
  ] as const
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-6 border-t-2 border-strong pt-2">
      {rows.map(([what, said]) => (
        <div key={what} className="contents">
          <dt className="text-soft">{what}</dt>
          <dd className="text-right font-semibold">{said}</dd>
        </div>
      ))}
    </dl>
  )
}
