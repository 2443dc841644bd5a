'use client'
import { useSearchParams } from 'next/navigation'
import { useMemo, useRef, useState } from 'react'
import { copyOf } from '@/core/builds'
import type { Known } from '@/core/formats/text/lexicon'
import { substrateRow } from '@/core/knowledge'
import type { Build, Part } from '@/core/model/build'
import { isSamePart, key, type PartRef } from '@/core/model/stepRef'
import { plannedAt } from '@/core/schedule'
import { useAsked, useParts, usePlan, useProject } from '@/state/hooks'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import { CoreSample } from '@/ui/CoreSample'
import { useNow } from '../shared/now'
import { AddStep } from './AddStep'
import { followers } from './AllFindings'
import { PAINT_DRAG } from './BottleTray'
import { CoverFacts } from './CoverFacts'
import { FindingRow } from './FindingRow'
import { type ShownPart, withoutWays } from './judged'
import { LastCoatFacts } from './LastCoatFacts'
import { PartFacts } from './PartFacts'
import { SelectionBar } from './SelectionBar'
import { StepEditor } from './StepEditor'
import { sampleRows } from './sampleRows'
import type { StepDraft } from './stepDraft'
import { stepNameIn } from './stepNameIn'
import { useAdding } from './useAdding'
import { type BuildEdits, useBuildEdits } from './useBuildEdits'
import { type Hover, Verdict } from './Verdict'

/** A set that one member is put into or taken out of. */
function toggled(set: ReadonlySet<string>, id: string): ReadonlySet<string> {
  const next = new Set(set)
  if (!next.delete(id)) next.add(id)
  return next
}

const NONE: ReadonlySet<string> = new Set()

/** A part with the ways out of its findings, as soon as they are known; null where the bench doesn't have it. */
function useJudged(ref: PartRef): ShownPart | null {
  const now = useNow(60_000)
  const plan = useParts().find((Part) => isSamePart(Part, ref))
  const { answer } = useAsked((worker) => worker.judge(ref, now), [key(ref), now])
  const asked = answer && isSamePart(answer.plan, ref) ? answer : null
  return useMemo(() => asked ?? (plan ? withoutWays(plan) : null), [asked, plan])
}

/** One part's core sample, with what can be done to it, and beside it the chosen step or the part itself. */
export function PartSample({ build, part }: { build: Build; part: Part }) {
  const now = useNow(60_000)
  const ref = useMemo(() => ({ build: build.id, part: part.id }), [build.id, part.id])
  const asked = useSearchParams().get('step')
  const [selected, setSelected] = useState<string | null>(
    build.steps.some(({ id }) => id === asked) ? asked : null,
  )
  const [hover, setHover] = useState<Hover | null>(null)
  const [folded, setFolded] = useState(NONE)
  const [picked, setPicked] = useState<ReadonlySet<string> | null>(null)
  const judged = useJudged(ref)
  const { plan } = usePlan()
  const edits = useBuildEdits(build, part.id)
  const adding = useAdding(build, part.id, selected, edits, setSelected)
  if (!judged) return <p className="mt-4 text-soft">It is archived: nothing of it is checked.</p>
  const planned = (step: string) => (plan ? plannedAt(plan, { ...ref, step }) : null)
  const rows = sampleRows(build, judged, now, planned, (id) => (
    <FindingsAt judged={judged} step={id} part={part.name} edits={edits} />
  ))
  return (
    <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-6 xl:grid-cols-[minmax(0,1fr)_21rem]">
      <div className="min-w-0">
        <div className="mb-3 flex min-h-11 flex-wrap items-center justify-between gap-3">
          <Verdict judged={judged} hover={hover} build={build} part={part.id} />
        </div>
        <AddStep
          {...adding.from}
          laid={adding.laid}
          onAdd={adding.add}
          onPaint={adding.paint}
          onWait={adding.wait}
          onSay={adding.say}
        >
          {rows.length > 1 && picked === null && (
            <Button onClick={() => setPicked(NONE)}>Pick several</Button>
          )}
        </AddStep>
        {picked && (
          <SelectionBar
            build={build}
            partId={part.id}
            picked={picked}
            edits={edits}
            onDone={() => setPicked(null)}
          />
        )}
        {rows.length === 0 && (
          <p className="mb-3 border-y-2 border-rule py-6">
            Nothing is meant for this part yet. Say the first step, or tap it: most parts begin with
            a primer.
          </p>
        )}
        <CoreSample
          rows={rows}
          substrate={substrateRow(part.substrate).name}
          selected={selected}
          onSelect={(id) => setSelected(id === selected ? null : id)}
          onMove={(id, before) =>
            void edits.moveStep(id, before, `Moved: ${stepNameIn(build, id)}`)
          }
          onHover={(id, before) => setHover(id === null ? null : { id, before })}
          folded={folded}
          onFold={(first) => setFolded(toggled(folded, first))}
          dropped={PAINT_DRAG}
          onDrop={adding.drop}
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
          known={adding.from.known}
          onClose={() => setSelected(null)}
        />
      </aside>
    </div>
  )
}

/** What is wrong at one step, with the ways out; nothing where it is sound. */
function FindingsAt({
  judged,
  step,
  part,
  edits,
}: {
  judged: ShownPart
  step: string
  part: string
  edits: BuildEdits
}) {
  const here = judged.findings.filter(
    (finding) => finding.step === step && finding.subject !== 'caution' && finding.follows === null,
  )
  return here.map((finding) => (
    <FindingRow
      key={`${finding.rule} ${finding.because}`}
      finding={finding}
      follow={followers(judged.findings, finding)}
      part={part}
      onApply={(remedy, on) => void edits.apply(remedy, on)}
      onAccept={(reason) => void edits.accept(finding, reason)}
    />
  ))
}

/** Beside the core: the chosen step and what it does, else the part itself. */
function Beside({
  build,
  part,
  judged,
  selected,
  edits,
  known,
  onClose,
}: {
  build: Build
  part: Part
  judged: ShownPart
  selected: string | null
  edits: BuildEdits
  known: Known
  onClose: () => void
}) {
  const project = useProject()
  /** What was typed into a step and not applied yet, by step: another row may be looked at meanwhile. */
  const drafts = useRef(new Map<string, StepDraft>())
  const step = build.steps.find(({ id }) => id === selected)
  if (!step)
    return <PartFacts build={build} part={part} judged={judged} known={known} edit={edits.edit} />
  const status = judged.plan.steps.find((otherStep) => otherStep.step === step.id)?.status
  const coat = judged.coats.get(step.id)
  const name = stepNameIn(build, step.id)
  const done = (written: boolean) => {
    if (written) drafts.current.delete(step.id)
    return written
  }
  return (
    <>
      {coat && <LastCoatFacts coat={coat} />}
      <CoverFacts part={{ build: build.id, part: part.id }} step={step.id} />
      <StepEditor
        key={`${step.id} ${JSON.stringify(step)}`}
        build={build}
        part={part}
        step={step}
        shelf={project.shelf ?? []}
        mixes={project.mixes ?? []}
        done={status === 'done' || status === 'skipped'}
        kept={drafts.current.get(step.id)}
        onDraft={(draft) => {
          if (draft) drafts.current.set(step.id, draft)
          else drafts.current.delete(step.id)
        }}
        onSave={(next, on) => void edits.saveStep(step, next, on, `Changed: ${name}`).then(done)}
        onRemove={(on) =>
          void edits
            .removeSteps(
              [step.id],
              on,
              `Taken off ${on === 'every' ? 'every part' : part.name}: ${name}`,
            )
            .then((written) => done(written) && onClose())
        }
        onDuplicate={() =>
          void edits.addSteps([copyOf(step, newId())], step.id, `Once more: ${name}`)
        }
        onClose={onClose}
      />
    </>
  )
}
