import { finishedCard } from '@/core/builds'
import { type LogIndex, progressOfStep } from '@/core/log'
import type { Build, BuildAct } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import { resolveStep } from '@/core/stack'
import { useStock } from '@/state/hooks'
import { FilmBand, type FilmBandProps } from '@/ui/FilmBand'
import { about, localeHere, number } from '@/ui/units'

const DAY = new Intl.DateTimeFormat(localeHere(), { dateStyle: 'medium' })

/** What a build has come to so far: hours, paint, evenings, between which days. */
export function FinishedFacts({ build }: { build: Build }) {
  const { project, log } = useStock()
  const zone = project.sessions?.zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone
  const card = finishedCard(build, log, zone)
  if (card.acts === 0) return <p className="text-soft">Nothing of it is logged yet.</p>
  const rows = [
    ['Hours of hands', number(card.hours, 1)],
    ['Paint mixed', about(card.ml, 'ml', 1)],
    ['Evenings', String(card.evenings)],
    ['From', card.from === null ? '' : DAY.format(card.from)],
    [build.finishedOn ? 'Finished' : 'Last at it', card.to === null ? '' : DAY.format(card.to)],
  ] as const
  return (
    <>
      <Strata build={build} log={log} />
      <dl className="grid grid-cols-[auto_1fr] gap-x-6 border-t-2 border-strong pt-2">
        {rows.map(([what, said]) => (
          <div key={what} className="contents">
            <dt className="text-soft">{what}</dt>
            <dd className="text-right font-semibold">{said}</dd>
          </div>
        ))}
      </dl>
    </>
  )
}

/** What lies on each part, the lowest film at the bottom. */
function Strata({ build, log }: { build: Build; log: LogIndex }) {
  return (
    <ul aria-label="What lies on each part" className="mb-3 flex items-end gap-2">
      {build.parts.map((part) => (
        <li key={part.id} className="min-w-0 flex-1">
          <div className="flex flex-col-reverse border-x-2 border-b-2 border-ink">
            {bandsOf(build, part.id, log).map(({ id, band }) => (
              <span key={id} className="relative block h-3 overflow-hidden">
                <FilmBand {...band} />
              </span>
            ))}
          </div>
          <p className="truncate text-sm">{part.name}</p>
        </li>
      ))}
    </ul>
  )
}

/** The films of a part as bands, the lowest first. */
function bandsOf(build: Build, part: string, log: LogIndex): { id: string; band: FilmBandProps }[] {
  return build.steps.flatMap((step) => {
    const laid = progressOfStep(log, { build: build.id, part, step: step.id })
    if (!isAct(step) || !step.parts.includes(part) || laid?.status !== 'done') return []
    const { row, family, sheen, coverage } = resolveStep(step, null)
    if (row.kind !== 'film') return []
    const colour = (step as BuildAct).colour ?? null
    const band = { family, colour, sheen, patchy: coverage === 'patchy', settled: 1 }
    return [{ id: step.id, band }]
  })
}
