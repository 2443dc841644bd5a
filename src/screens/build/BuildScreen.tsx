'use client'

import Link from 'next/link'
import { useSearchParams } from 'next/navigation'
import { Suspense, useDeferredValue, useMemo, useRef, useState } from 'react'
import {
  findingsOfBuild,
  type JudgedBuild,
  type JudgedPart,
  type PartFinding,
  type PartPlan,
} from '@/core/builds'
import { judgeBuild } from '@/core/builds/judgeBuild'
import { judgePart } from '@/core/builds/judgePart'
import { substrateRow } from '@/core/knowledge'
import type { Build, Part } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import type { Project } from '@/core/model/project'
import { newId } from '@/store/store'
import { Button } from '@/ui/Button'
import { CoreSample } from '@/ui/CoreSample'
import { cx } from '@/ui/cx'
import { SeverityMark } from '@/ui/Severity'
import { useBench } from '../shell/BenchContext'
import { useNow } from '../shell/now'
import { actName, stepName } from '../words'
import { AddStep } from './AddStep'
import { AllFindings, followers } from './AllFindings'
import { newStep } from './acts'
import { BuildFacts } from './BuildFacts'
import { CoverFacts } from './CoverFacts'
import { FindingRow } from './FindingRow'
import { LastCoatFacts } from './LastCoatFacts'
import { PartFacts } from './PartFacts'
import { SelectionBar } from './SelectionBar'
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

/** What is looked at: one part's core, or everything that is said. */
const EVERYTHING = '*'

function OneBuild({ build }: { build: Build }) {
  const asked = useSearchParams().get('part')
  const { parts: plans } = useBench()
  const [chosen, setChosen] = useState<string | null>(null)
  const all = chosen === EVERYTHING
  const part =
    build.parts.find((one) => one.id === (chosen ?? asked)) ??
    build.parts.find((one) => worstOf(plans, build.id, one.id) === 'stop') ??
    build.parts[0]
  if (!part) return null
  return (
    <div className="p-4 lg:p-6">
      <BuildFacts build={build} />
      <nav aria-label="Parts" className="mt-1 flex flex-wrap gap-x-1 border-b-2 border-strong">
        {build.parts.map((one) => {
          const worst = worstOf(plans, build.id, one.id)
          return (
            <Tab key={one.id} here={!all && one.id === part.id} onOpen={() => setChosen(one.id)}>
              {one.name}
              {worst && <SeverityMark severity={worst} wordless />}
            </Tab>
          )
        })}
        <Tab here={all} onOpen={() => setChosen(EVERYTHING)}>
          All findings
        </Tab>
      </nav>
      {all ? (
        <AllFindings build={build} onOpen={setChosen} />
      ) : (
        <PartSample key={part.id} build={build} partId={part.id} />
      )}
    </div>
  )
}

function Tab({
  here,
  onOpen,
  children,
}: {
  here: boolean
  onOpen: () => void
  children: React.ReactNode
}) {
  return (
    <button
      type="button"
      aria-current={here}
      onClick={onOpen}
      className={cx(
        'flex min-h-11 items-center gap-2 border-b-4 px-3',
        here ? 'border-act font-semibold' : 'border-transparent text-soft hover:text-ink',
      )}
    >
      {children}
    </button>
  )
}

function worstOf(plans: ReturnType<typeof useBench>['parts'], build: string, part: string) {
  const findings = plans
    .find((one) => one.build === build && one.part === part)
    ?.findings.filter((one) => one.accepted === null)
  if (findings?.some((one) => one.severity === 'stop')) return 'stop' as const
  return findings?.some((one) => one.severity === 'risk') ? ('risk' as const) : null
}

/** A set that one member is put into or taken out of. */
function toggled(set: ReadonlySet<string>, id: string): ReadonlySet<string> {
  const next = new Set(set)
  if (!next.delete(id)) next.add(id)
  return next
}

const NONE: ReadonlySet<string> = new Set()

function PartSample({ build, partId }: { build: Build; partId: string }) {
  const { project } = useBench()
  const now = useNow(60_000)
  const part = build.parts.find((one) => one.id === partId)
  const [selected, setSelected] = useState<string | null>(null)
  const [hover, setHover] = useState<{ id: string; before: string | null } | null>(null)
  const [folded, setFolded] = useState(NONE)
  const [picked, setPicked] = useState<ReadonlySet<string> | null>(null)
  const judged = useMemo(
    () => judgePart(project, build.id, partId, now),
    [project, build.id, partId, now],
  )
  const edits = useBuildEdits(build, partId, judged.order)
  if (!part) return null
  const rows = sampleRows(build, judged, now, (id) => {
    const here = judged.findings.filter(
      (one) => one.step === id && one.rule !== 'ppe' && one.follows === null,
    )
    return here.length === 0
      ? null
      : here.map((finding) => (
          <FindingRow
            key={finding.rule}
            finding={finding}
            follow={followers(judged.findings, finding)}
            onApply={(remedy) => void edits.apply(remedy)}
            onAccept={(reason) => void edits.accept(finding, reason)}
          />
        ))
  })
  return (
    <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-6 xl:grid-cols-[minmax(0,1fr)_21rem]">
      <div className="min-w-0">
        <div className="mb-3 flex min-h-11 flex-wrap items-center justify-between gap-3">
          <Verdict judged={judged} hover={hover} build={build} partId={partId} />
          <div className="flex flex-wrap gap-2">
            <AddStep
              onAdd={(act) => {
                const made = newStep(act, partId, newId())
                void edits.addStep(made, selected, `Added: ${actName(act)}`)
                setSelected(made.id)
              }}
            />
            <Link
              href={`/library?build=${build.id}&part=${partId}`}
              className="inline-flex min-h-11 items-center rounded-tool border-2 border-strong bg-raised px-4 hover:border-ink"
            >
              Add a technique
            </Link>
            {rows.length > 1 && picked === null && (
              <Button onClick={() => setPicked(NONE)}>Pick several</Button>
            )}
          </div>
        </div>
        {picked && (
          <SelectionBar
            build={build}
            partId={partId}
            picked={picked}
            edits={edits}
            onDone={() => setPicked(null)}
          />
        )}
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
          folded={folded}
          onFold={(first) => setFolded(toggled(folded, first))}
          picked={picked}
          onPick={(id) => setPicked(toggled(picked ?? NONE, id))}
        />
      </div>
      <aside className="min-w-0 xl:sticky xl:top-4 xl:h-fit xl:border-l xl:border-rule xl:pl-6">
        <Beside
          build={build}
          part={part}
          judged={judged}
          selected={selected}
          edits={edits}
          onClose={() => setSelected(null)}
        />
      </aside>
    </div>
  )
}

/** Beside the core: the chosen step and what it does, else the part itself. */
function Beside({
  build,
  part,
  judged,
  selected,
  edits,
  onClose,
}: {
  build: Build
  part: Part
  judged: JudgedPart
  selected: string | null
  edits: ReturnType<typeof useBuildEdits>
  onClose: () => void
}) {
  const { project } = useBench()
  const step = build.steps.find((one) => one.id === selected)
  if (!step) return <PartFacts build={build} part={part} judged={judged} write={edits.write} />
  const status = judged.plan.steps.find((one) => one.step === step.id)?.status
  const coat = judged.coats.get(step.id)
  return (
    <>
      {coat && <LastCoatFacts coat={coat} />}
      <CoverFacts judged={judged} step={step.id} />
      <StepEditor
        key={`${step.id} ${JSON.stringify(step)}`}
        build={build}
        step={step}
        shelf={project.shelf ?? []}
        mixes={project.mixes ?? []}
        done={status === 'done' || status === 'skipped'}
        onSave={(next) => void edits.saveStep(next, `Changed: ${nameOf(build, next.id)}`)}
        onRemove={() => {
          void edits.removeStep(step.id, `Taken out: ${nameOf(build, step.id)}`)
          onClose()
        }}
        onClose={onClose}
      />
    </>
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
  const { project, parts } = useBench()
  const place = useDeferredValue(hover)
  const before = useRef<{ project: Project; judged: JudgedBuild } | null>(null)
  const there = useMemo(() => {
    if (!place) return null
    if (before.current?.project !== project)
      before.current = { project, judged: judgeBuildAt(project, build, Date.now()) }
    const moved = { ...build, steps: reordered(build.steps, place.id, place.before) }
    return findingsOfBuild(judgeBuild(project, moved, before.current.judged))
  }, [place, project, build])
  const here = there ? (there.get(partId) ?? []) : judged.findings
  const findings = here.filter((one) => one.accepted === null && one.follows === null)
  const elsewhere = there ? worseParts(build, partId, there, parts) : []
  const worst =
    findings.find((one) => one.severity === 'stop') ??
    findings.find((one) => one.severity === 'risk')
  return (
    <div className="min-w-64 flex-1" aria-live="polite">
      <p className="flex flex-wrap items-baseline gap-x-3">
        {there && <span className="font-semibold">If dropped here:</span>}
        <Count findings={findings} />
      </p>
      {there && worst && <p className="max-w-prose text-sm">{worst.because}</p>}
      {elsewhere.length > 0 && (
        <p className="text-sm text-stop">A stop on {elsewhere.join(', ')} too.</p>
      )}
    </div>
  )
}

/** Other parts that a shared step would stop, and that are not stopped now. */
function worseParts(
  build: Build,
  partId: string,
  there: ReadonlyMap<string, PartFinding[]>,
  now: readonly PartPlan[],
): string[] {
  return build.parts
    .filter((one) => one.id !== partId)
    .filter((one) => {
      const plan = now.find((part) => part.build === build.id && part.part === one.id)
      return stopsIn(there.get(one.id) ?? []) > stopsIn(plan?.findings ?? [])
    })
    .map((one) => one.name)
}

function stopsIn(findings: readonly PartFinding[]): number {
  return findings.filter((one) => one.severity === 'stop' && one.accepted === null).length
}

function Count({ findings }: { findings: readonly PartFinding[] }) {
  const count = (severity: string) => findings.filter((one) => one.severity === severity).length
  const stops = count('stop')
  const risks = count('risk')
  if (stops + risks === 0)
    return (
      <span className="font-display text-lg font-semibold text-act">
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
