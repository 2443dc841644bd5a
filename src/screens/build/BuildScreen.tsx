'use client'

import Link from 'next/link'
import { useSearchParams } from 'next/navigation'
import { Suspense, useDeferredValue, useMemo, useState } from 'react'
import { substrateRow } from '@/core/materials'
import type { Build } from '@/core/model/project'
import { isAct } from '@/core/model/sequence'
import { findingsOfPart, type JudgedPart, judgePart, type PartFinding } from '@/core/plan'
import { newId } from '@/store/ids'
import { CoreSample } from '@/ui/CoreSample'
import { cx } from '@/ui/cx'
import { SeverityMark } from '@/ui/Severity'
import { useBench } from '../shell/BenchContext'
import { useNow } from '../shell/now'
import { actName, stepName } from '../words'
import { AddStep } from './AddStep'
import { newStep } from './acts'
import { BuildFacts } from './BuildFacts'
import { FindingRow } from './FindingRow'
import { PartFacts } from './PartFacts'
import { StepEditor } from './StepEditor'
import { sampleRows } from './sampleRows'
import { reordered, useBuildEdits } from './useBuildEdits'

export function BuildScreen({ id }: { id: string }) {
  const { project } = useBench()
  const build = project.builds?.find((one) => one.id === id)
  if (!build)
    return (
      <section className="p-6">
        <h1 className="font-display text-3xl font-semibold">No such build</h1>
        <p className="mt-2">
          It may have been removed, or live in another browser.{' '}
          <Link href="/builds" className="text-act underline">
            All builds
          </Link>
        </p>
      </section>
    )
  return (
    <Suspense>
      <OneBuild build={build} />
    </Suspense>
  )
}

function OneBuild({ build }: { build: Build }) {
  const asked = useSearchParams().get('part')
  const { parts: plans } = useBench()
  const [chosen, setChosen] = useState<string | null>(null)
  const part =
    build.parts.find((one) => one.id === (chosen ?? asked)) ??
    build.parts.find((one) => worstOf(plans, build.id, one.id) === 'stop') ??
    build.parts[0]
  if (!part) return null
  return (
    <div className="p-4 lg:p-6">
      <BuildFacts build={build} />
      <nav aria-label="Parts" className="mt-4 flex flex-wrap gap-x-1 border-b-2 border-strong">
        {build.parts.map((one) => {
          const worst = worstOf(plans, build.id, one.id)
          return (
            <button
              key={one.id}
              type="button"
              aria-current={one.id === part.id}
              onClick={() => setChosen(one.id)}
              className={cx(
                'flex min-h-11 items-center gap-2 border-b-4 px-3',
                one.id === part.id
                  ? 'border-act font-semibold'
                  : 'border-transparent text-soft hover:text-ink',
              )}
            >
              {one.name}
              {worst && <SeverityMark severity={worst} wordless />}
            </button>
          )
        })}
      </nav>
      <PartSample key={part.id} build={build} partId={part.id} />
    </div>
  )
}

function worstOf(plans: ReturnType<typeof useBench>['parts'], build: string, part: string) {
  const findings = plans
    .find((one) => one.build === build && one.part === part)
    ?.findings.filter((one) => one.accepted === null)
  if (findings?.some((one) => one.severity === 'stop')) return 'stop' as const
  return findings?.some((one) => one.severity === 'risk') ? ('risk' as const) : null
}

function PartSample({ build, partId }: { build: Build; partId: string }) {
  const { project } = useBench()
  const now = useNow(60_000)
  const part = build.parts.find((one) => one.id === partId)
  const [selected, setSelected] = useState<string | null>(null)
  const [hover, setHover] = useState<{ id: string; before: string | null } | null>(null)
  const judged = useMemo(
    () => judgePart(project, build.id, partId, now),
    [project, build.id, partId, now],
  )
  const edits = useBuildEdits(build, partId, judged.order)
  const step = build.steps.find((one) => one.id === selected)
  if (!part) return null
  const status = judged.plan.steps.find((one) => one.step === selected)?.status
  const rows = sampleRows(build, judged, now, (id) =>
    judged.findings
      .filter((one) => one.step === id && one.rule !== 'ppe')
      .map((finding) => (
        <FindingRow
          key={finding.rule}
          finding={finding}
          onApply={(remedy) => void edits.apply(remedy)}
          onAccept={(reason) => void edits.accept(finding, reason)}
        />
      )),
  )
  return (
    <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-6 xl:grid-cols-[minmax(0,1fr)_21rem]">
      <div className="min-w-0">
        <div className="mb-3 flex min-h-11 flex-wrap items-center justify-between gap-3">
          <Verdict judged={judged} hover={hover} build={build} partId={partId} />
          <AddStep
            onAdd={(act) => {
              const made = newStep(act, partId, newId())
              void edits.addStep(made, selected, `Added: ${actName(act)}`)
              setSelected(made.id)
            }}
          />
        </div>
        {rows.length === 0 && (
          <p className="mb-3 border-y-2 border-rule py-6">
            Nothing is meant for this part yet. Add the first step: most parts begin with a primer.
          </p>
        )}
        <CoreSample
          rows={rows}
          substrate={substrateRow(part.substrate).name}
          selected={selected}
          onSelect={(id) => setSelected(id === selected ? null : id)}
          onMove={(id, before) => void edits.moveStep(id, before, `Moved: ${nameOf(build, id)}`)}
          onHover={(id, before) => setHover(id === null ? null : { id, before })}
        />
      </div>
      <aside className="min-w-0 xl:sticky xl:top-4 xl:h-fit xl:border-l xl:border-rule xl:pl-6">
        {step ? (
          <StepEditor
            key={`${step.id} ${JSON.stringify(step)}`}
            build={build}
            step={step}
            done={status === 'done' || status === 'skipped'}
            onSave={(next) => void edits.saveStep(next, `Changed: ${nameOf(build, next.id)}`)}
            onRemove={() => {
              void edits.removeStep(step.id, `Taken out: ${nameOf(build, step.id)}`)
              setSelected(null)
            }}
            onClose={() => setSelected(null)}
          />
        ) : (
          <PartFacts build={build} part={part} judged={judged} write={edits.write} />
        )}
      </aside>
    </div>
  )
}

function nameOf(build: Build, id: string): string {
  const step = build.steps.find((one) => one.id === id)
  return step && isAct(step) ? stepName(step).toLowerCase() : 'wait'
}

/** How the sequence stands, or how it would if the step were dropped where it hangs. */
function Verdict({
  judged,
  hover,
  build,
  partId,
}: {
  judged: JudgedPart
  hover: { id: string; before: string | null } | null
  build: Build
  partId: string
}) {
  const { project } = useBench()
  const place = useDeferredValue(hover)
  const there = useMemo(() => {
    if (!place) return null
    const moved = { ...build, steps: reordered(build.steps, place.id, place.before) }
    const builds = project.builds?.map((one) => (one.id === build.id ? moved : one))
    return findingsOfPart({ ...project, builds }, build.id, partId, Date.now())
  }, [place, project, build, partId])
  const findings = (there ?? judged.findings).filter((one) => one.accepted === null)
  const worst =
    findings.find((one) => one.severity === 'stop') ??
    findings.find((one) => one.severity === 'risk')
  return (
    <div className="min-w-0 flex-1" aria-live="polite">
      <p className="flex flex-wrap items-baseline gap-x-3">
        {there && <span className="font-semibold">If dropped here:</span>}
        <Count findings={findings} />
      </p>
      {there && worst && <p className="max-w-prose text-sm">{worst.because}</p>}
    </div>
  )
}

function Count({ findings }: { findings: readonly PartFinding[] }) {
  const count = (severity: string) => findings.filter((one) => one.severity === severity).length
  const stops = count('stop')
  const risks = count('risk')
  if (stops + risks === 0)
    return (
      <span className="font-display text-xl font-semibold text-act">
        Sound, as far as can be told
      </span>
    )
  return (
    <>
      {stops > 0 && (
        <span className="flex items-center gap-1.5 text-lg">
          {stops} <SeverityMark severity="stop" />
        </span>
      )}
      {risks > 0 && (
        <span className="flex items-center gap-1.5 text-lg">
          {risks} <SeverityMark severity="risk" />
        </span>
      )}
    </>
  )
}
