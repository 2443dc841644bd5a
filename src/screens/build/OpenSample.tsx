import { useRef, useState } from 'react'
import { copyOf } from '@/core/builds'
import { substrateRow } from '@/core/knowledge'
import type { Build, Part } from '@/core/model/build'
import { useProject } from '@/state/hooks'
import { newId } from '@/store/newId'
import { CoreSample, type CoreSampleProps } from '@/ui/section/CoreSample'
import { type SampleRow, shiftedBefore } from '@/ui/section/row'
import { NARROW, useMedia } from '@/ui/useMedia'
import { OnDemand } from '../shared/OnDemand'
import type { TypedOver } from '../shared/useTypedOver'
import { PAINT_DRAG } from './BottleTray'
import { CoverFacts } from './CoverFacts'
import { focusStep } from './focusStep'
import type { ShownPart } from './judged'
import { LastCoatFacts } from './LastCoatFacts'
import { StepEditor } from './StepEditor'
import type { StepFields } from './stepDraft'
import { stepNameIn } from './stepNameIn'
import { toggled } from './toggled'
import type { BuildEdits } from './useBuildEdits'
import type { ChosenStep } from './useChosen'

const loadSheet = () => import('@/ui/Sheet')

const NONE: ReadonlySet<string> = new Set()

/** The core sample with the chosen step open in its place; on a phone in a sheet from below. */
export function OpenSample({
  build,
  part,
  judged,
  rows,
  edits,
  chosen,
  ...heard
}: {
  build: Build
  part: Part
  judged: ShownPart
  rows: readonly SampleRow[]
  edits: BuildEdits
  chosen: ChosenStep
} & Pick<CoreSampleProps, 'onHover' | 'onDrop' | 'picked' | 'onPick'>) {
  const [folded, setFolded] = useState(NONE)
  const narrow = useMedia(NARROW)
  /** What was typed into a step and not applied yet, by step: another row may be looked at meanwhile. */
  const drafts = useRef(new Map<string, TypedOver<StepFields>>())
  const selected = rows.some(({ id }) => id === chosen.id) ? chosen.id : null
  const move = (id: string, before: string | null) =>
    void edits.moveStep(id, before, `Moved: ${stepNameIn(build, id)}`)
  const shift = (id: string, by: 1 | -1) => {
    const before = shiftedBefore(rows, id, by)
    if (before !== undefined) move(id, before)
  }
  const leave = (to: string | null) => {
    chosen.choose(null)
    focusStep(to)
  }
  const inSheet = narrow && chosen.byHand
  const editor = selected !== null && (
    <OpenStep
      key={selected}
      {...{ build, part, judged, selected, edits }}
      drafts={drafts.current}
      onShift={(by) => shift(selected, by)}
      onRemoved={() => leave(neighbourOf(rows, selected))}
      onClose={() => leave(selected)}
    />
  )
  const facts = selected !== null && <StepFacts {...{ build, part, judged, selected }} />
  return (
    <>
      <CoreSample
        {...heard}
        rows={rows}
        substrate={substrateRow(part.substrate).name}
        selected={selected}
        onSelect={(id) => chosen.choose(id === selected && (inSheet || !narrow) ? null : id)}
        editor={editor && !narrow ? <div className="bg-raised p-4">{editor}</div> : null}
        beside={!narrow && facts}
        onMove={move}
        folded={folded}
        onFold={(first) => setFolded(toggled(folded, first))}
        dropped={PAINT_DRAG}
      />
      {editor && selected !== null && inSheet && (
        <OnDemand
          load={loadSheet}
          failed="The step couldn’t be opened. Choose it once more."
          onClose={() => leave(selected)}
        >
          {({ Sheet }) => (
            <Sheet title={stepNameIn(build, selected)} onClose={() => leave(selected)}>
              {editor}
              {facts}
            </Sheet>
          )}
        </OnDemand>
      )}
    </>
  )
}

type StepOfPart = { build: Build; part: Part; judged: ShownPart; selected: string }

/** The chosen step: its fields, and what can be done with it. */
function OpenStep({
  build,
  part,
  judged,
  selected,
  edits,
  drafts,
  onShift,
  onRemoved,
  onClose,
}: StepOfPart & {
  edits: BuildEdits
  /** What was typed into steps and isn't applied yet. */
  drafts: Map<string, TypedOver<StepFields>>
  /** Moves it by one, later or earlier. */
  onShift: (by: 1 | -1) => void
  onRemoved: () => void
  onClose: () => void
}) {
  const project = useProject()
  const step = build.steps.find(({ id }) => id === selected)
  if (!step) return null
  const status = judged.plan.steps.find((otherStep) => otherStep.step === step.id)?.status
  const name = stepNameIn(build, step.id)
  const done = (written: boolean) => {
    if (written) drafts.delete(step.id)
    return written
  }
  return (
    <StepEditor
      key={step.id}
      build={build}
      part={part}
      step={step}
      shelf={project.shelf ?? []}
      mixes={project.mixes ?? []}
      done={status === 'done' || status === 'skipped'}
      kept={drafts.get(step.id)}
      onDraft={(typed) => drafts.set(step.id, typed)}
      onSave={(next, on) => void edits.saveStep(step, next, on, `Changed: ${name}`).then(done)}
      onRemove={(on) =>
        void edits
          .removeSteps(
            [step.id],
            on,
            `Removed from ${on === 'every' ? 'every part' : part.name}: ${name}`,
          )
          .then((written) => done(written) && onRemoved())
      }
      onDuplicate={() =>
        void edits.addSteps([copyOf(step, newId())], step.id, `Duplicated: ${name}`)
      }
      onShift={onShift}
      onClose={onClose}
    />
  )
}

/** What the chosen step does to what lies there: coats to cover it, what a clear makes of it. */
function StepFacts({ build, part, judged, selected }: StepOfPart) {
  const coat = judged.coats.get(selected)
  return (
    <div className="mt-4 empty:hidden">
      {coat && <LastCoatFacts coat={coat} />}
      <CoverFacts part={{ build: build.id, part: part.id }} step={selected} />
    </div>
  )
}

/** The step over another one in the sample, else the one under it: what is looked at when it is gone. */
function neighbourOf(rows: readonly SampleRow[], id: string): string | null {
  const at = rows.findIndex((row) => row.id === id)
  return (rows[at - 1] ?? rows[at + 1])?.id ?? null
}
