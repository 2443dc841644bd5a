import { substrateRow } from '@/core/knowledge'
import type { Build, Part } from '@/core/model/build'
import { plannedAt } from '@/core/schedule'
import { usePlan } from '@/state/hooks'
import { SectionDrawing, sectionLayout } from '@/ui/section/SectionDrawing'
import { useNow } from '../shared/now'
import { PaperHead } from './PaperHead'
import { sampleRows } from './sampleRows'
import { useJudged } from './useJudged'

/** How large a section stands on the card, pixels. */
const SECTION = { wide: 280, tall: 240 }

/** A build on paper, or to look back at: its figures, and each part in section with its steps. */
export function BuildCard({ build }: { build: Build }) {
  return (
    <article className="max-w-5xl p-4 lg:px-6">
      <PaperHead build={build} />
      {build.parts.map((part) => (
        <PartOnCard key={part.id} build={build} part={part} />
      ))}
    </article>
  )
}

function PartOnCard({ build, part }: { build: Build; part: Part }) {
  const now = useNow(60_000)
  const { plan } = usePlan()
  const ref = { build: build.id, part: part.id }
  const judged = useJudged(ref)
  if (!judged) return null
  const planned = (step: string) => (plan ? plannedAt(plan, { ...ref, step }) : null)
  const rows = sampleRows(build, judged, now, planned, () => null)
  const films = rows.map(({ film }) => film)
  return (
    <section className="mt-8 grid break-inside-avoid gap-x-8 gap-y-3 sm:grid-cols-[280px_minmax(0,1fr)] print:grid-cols-[280px_minmax(0,1fr)]">
      <div>
        <h2 className="font-display text-2xl font-semibold">{part.name}</h2>
        <p className="mb-2 text-sm text-soft">{substrateRow(part.substrate).name}</p>
        <SectionDrawing
          films={films}
          layout={sectionLayout(films, SECTION.tall)}
          wide={SECTION.wide}
          chosen={null}
          onChoose={null}
        />
      </div>
      <ol className="self-start border-t border-rule">
        {rows.map(({ id, name, detail, when, done }) => (
          <li
            key={id}
            className="grid grid-cols-[1.5rem_minmax(0,1fr)_auto] gap-x-2 border-b border-rule py-1.5"
          >
            <span
              aria-hidden="true"
              className="mt-1 grid size-4 place-content-center border border-ink text-sm leading-none"
            >
              {done ? '✓' : ''}
            </span>
            <span>
              <span className="font-semibold">{name}</span>{' '}
              <span className="text-sm text-soft">{detail}</span>
            </span>
            <span className="text-sm text-soft">{when}</span>
          </li>
        ))}
      </ol>
    </section>
  )
}
