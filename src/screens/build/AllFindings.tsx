'use client'
import { useMemo, useState } from 'react'
import { type PartFinding, scaleMismatch, unbalanced } from '@/core/builds'
import type { Build } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import type { Severity } from '@/core/model/vocabulary'
import { type ShelfFinding, shelfFindings } from '@/core/stock'
import { useParts, useStock } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { cx } from '@/ui/cx'
import { SeverityMark } from '@/ui/Severity'
import { Tick } from '@/ui/Tick'
import { useNow } from '../shared/now'
import { RuleLink } from '../shared/RuleLink'
import { stepName } from '../shared/words'
import { followers } from './followers'

type Row = {
  key: string
  severity: Severity
  rule: string
  because: string
  parts: string[]
  step: string | null
  accepted: string | null
  follow: readonly PartFinding[]
  /** It speaks of the person, not of the work. */
  caution: boolean
  way: { say: string; apply: () => void } | null
}

const FILTERS = [
  { id: 'open', say: 'To look at' },
  { id: 'stop', say: 'Stops' },
  { id: 'risk', say: 'Risks' },
  { id: 'note', say: 'Notes' },
  { id: 'accepted', say: 'Accepted' },
] as const
type Filter = (typeof FILTERS)[number]['id']

function passes(row: Row, filter: Filter): boolean {
  if (filter === 'accepted') return row.accepted !== null
  if (row.accepted !== null) return false
  return filter === 'open' || row.severity === filter
}

const GRADE = { stop: 0, risk: 1, note: 2 } as const

/** Everything that is said of a build, over all parts, the shelf and its mirrored parts; the worst first. */
export function AllFindings({ build, onOpen }: { build: Build; onOpen: (part: string) => void }) {
  const rows = useRows(build)
  const [filter, setFilter] = useState<Filter>('open')
  const [cautions, setCautions] = useState(false)
  const shown = rows.filter((row) => passes(row, filter) && (cautions || !row.caution))
  return (
    <section aria-labelledby="all-findings" className="mt-4">
      <h2 id="all-findings" className="sr-only">
        Everything that is said of this build
      </h2>
      <div className="flex flex-wrap items-center gap-2">
        {FILTERS.map(({ id, say }) => (
          <Button
            key={id}
            size="small"
            look={id === filter ? 'act' : 'plain'}
            aria-pressed={id === filter}
            onClick={() => setFilter(id)}
          >
            {say} {rows.filter((row) => passes(row, id) && (cautions || !row.caution)).length}
          </Button>
        ))}
        <Tick size="small" className="ml-2 min-h-8 text-sm" on={cautions} onTick={setCautions}>
          Cautions too
        </Tick>
      </div>
      {shown.length === 0 ? (
        <p className="mt-6 border-y-2 border-rule py-6 text-soft">
          {filter === 'open' ? 'No problems found.' : 'None.'}
        </p>
      ) : (
        <ul className="mt-3 border-t-2 border-strong">
          {shown.map((row) => (
            <FindingLine key={row.key} row={row} build={build} onOpen={onOpen} />
          ))}
        </ul>
      )}
      <Review build={build} />
    </section>
  )
}

/** How every part stands to its use once everything meant is done; looked over before it leaves the bench. Source: N98. */
function Review({ build }: { build: Build }) {
  const parts = useParts()
  const plans = parts.filter((part) => part.build === build.id && part.review.length > 0)
  if (plans.length === 0) return null
  return (
    <section aria-labelledby="review" className="mt-8">
      <h2 id="review" className="font-display text-xl font-semibold">
        Before it leaves the bench
      </h2>
      <p className="text-sm text-soft">
        {build.use === 'handled' ? 'Handled in play' : 'For display'}, once everything meant is
        done.
      </p>
      <ul className="mt-2 border-t border-rule">
        {plans.map((plan) => (
          <li
            key={plan.part}
            className="grid gap-x-4 border-b border-rule py-2 md:grid-cols-[11rem_minmax(0,1fr)]"
          >
            <span className="font-semibold">
              {build.parts.find((part) => part.id === plan.part)?.name}
            </span>
            <span>
              {plan.review.map((item) => (
                <span
                  key={item.id}
                  className={cx('block', !item.good && 'font-semibold text-risk')}
                >
                  {item.good ? '' : 'Look again: '}
                  {item.say}
                </span>
              ))}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}

function FindingLine({
  row,
  build,
  onOpen,
}: {
  row: Row
  build: Build
  onOpen: (part: string) => void
}) {
  const step = build.steps.find((step) => step.id === row.step)
  const parts = build.parts.filter((part) => row.parts.includes(part.id))
  const part = parts[0]
  return (
    <li className="grid gap-x-4 gap-y-1 border-b border-rule py-2.5 md:grid-cols-[11rem_minmax(0,1fr)_auto]">
      <p className="min-w-0">
        <SeverityMark severity={row.severity} />
      </p>
      <div className="min-w-0">
        <p className="max-w-prose">{row.because}</p>
        {row.follow.map((finding) => (
          <p key={`${finding.step} ${finding.rule}`} className="max-w-prose text-sm text-soft">
            It brings with it: {finding.because} <RuleLink rule={finding.rule} />
          </p>
        ))}
        {row.accepted !== null && <p className="text-sm">Accepted: {row.accepted}</p>}
        <p className="flex flex-wrap items-baseline gap-x-3 text-sm text-soft">
          {[parts.map((part) => part.name).join(', '), step && isAct(step) ? stepName(step) : null]
            .filter(Boolean)
            .join(' · ')}
          <RuleLink rule={row.rule} />
        </p>
      </div>
      <p className={cx('flex items-start gap-2', !row.way && !part && 'hidden')}>
        {row.way && (
          <Button size="small" onClick={row.way.apply}>
            {row.way.say}
          </Button>
        )}
        {part && (
          <Button
            size="small"
            onClick={() => onOpen(part.id)}
            aria-label={`Show on ${part.name}: ${row.because}`}
          >
            Show it
          </Button>
        )}
      </p>
    </li>
  )
}

/** The rows in order of severity: parts, then shelf, then mirrored parts. */
function useRows(build: Build): Row[] {
  const stock = useStock()
  const parts = useParts()
  const run = useRun()
  const now = useNow(60_000)
  return useMemo(() => {
    const plans = parts.filter((part) => part.build === build.id)
    const ofParts = merged(plans.flatMap((plan) => partRows(plan.part, plan.findings)))
    const mend = (finding: ShelfFinding): Row['way'] => {
      const way = finding.ways[0]
      if (!way) return null
      const apply = () =>
        'edit' in way
          ? void run('editBuild', way.build, way.edit, way.say)
          : void run('changeBottles', [{ id: way.bottle, fields: way.fields }], way.say)
      return { say: way.say, apply }
    }
    const ofShelf = shelfFindings(stock, plans, now).map(
      (finding, i): Row => ({
        severity: finding.severity,
        rule: finding.rule,
        because: finding.because,
        parts: [finding.part],
        step: finding.step,
        key: `shelf ${i}`,
        accepted: null,
        follow: [],
        caution: false,
        way: mend(finding),
      }),
    )
    const ofBuild = [...unbalanced(build), ...scaleMismatch(build)].map(
      (part): Row => ({
        key: `${part.rule} ${part.because}`,
        severity: part.severity,
        rule: part.rule,
        because: part.because,
        parts: part.parts,
        step: part.steps[0] ?? null,
        accepted: null,
        follow: [],
        caution: false,
        way: null,
      }),
    )
    return [...ofParts, ...ofShelf, ...ofBuild].sort(
      (a, b) => GRADE[a.severity] - GRADE[b.severity],
    )
  }, [build, stock, parts, now, run])
}

/** A shared step says the same of several parts: one message. */
function merged(rows: readonly Row[]): Row[] {
  const kept = new Map<string, Row>()
  for (const row of rows) {
    const key = `${row.step} ${row.rule} ${row.because} ${row.accepted}`
    const twin = kept.get(key)
    if (twin) twin.parts.push(...row.parts)
    else kept.set(key, { ...row, parts: [...row.parts] })
  }
  return [...kept.values()]
}

function partRows(part: string, findings: readonly PartFinding[]): Row[] {
  return findings
    .filter((finding) => finding.follows === null)
    .map(
      (finding): Row => ({
        key: `${part} ${finding.step} ${finding.rule}`,
        severity: finding.severity,
        rule: finding.rule,
        because: finding.because,
        parts: [part],
        step: finding.step,
        accepted: finding.accepted,
        follow: followers(findings, finding),
        caution: finding.subject === 'caution',
        way: null,
      }),
    )
}
