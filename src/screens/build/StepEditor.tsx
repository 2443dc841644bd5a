'use client'

import { ArrowDown, ArrowUp } from 'lucide-react'
import Link from 'next/link'
import { useRef, useState } from 'react'
import { zonesOf } from '@/core/builds'
import { stepFields } from '@/core/formats/stepFields'
import { actRow, substrateRow } from '@/core/knowledge'
import type { Bottle } from '@/core/model/bottle'
import type { Build, BuildAct, BuildStep, Part } from '@/core/model/build'
import type { EditScope } from '@/core/model/edit'
import { isAct } from '@/core/model/isAct'
import type { StoredMix } from '@/core/model/mix'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { Elsewhere } from '../shared/Elsewhere'
import { focusFirstError } from '../shared/fieldText'
import { PartChecks } from '../shared/PartChecks'
import { panelHref } from '../shared/panelHref'
import { type TypedOver, useTypedOver } from '../shared/useTypedOver'
import { plain, spaced, stepName } from '../shared/words'
import { ActFields, type FieldOf, takenFor } from './ActFields'
import { StepPlaces } from './StepPlaces'
import { draftOf, readStep, type StepFields } from './stepDraft'

/** The parts that a step is for stand among its fields, a line each. */
const PARTS = '(parts)'

type Edited = {
  step: BuildStep
  /** What is done is shown, not changed. */
  done: boolean
  /** What was typed before and isn't applied yet. */
  kept?: TypedOver<StepFields> | undefined
  /** Hears what is typed. */
  onDraft?: (typed: TypedOver<StepFields>) => void
  onSave: (step: BuildStep, on: EditScope) => void
}

/** A step as it is being typed, and its reading. */
function useStepDraft({ step, done, kept, onDraft, onSave }: Edited) {
  const { draft, put, isChanged, elsewhere, take, reset } = useTypedOver<StepFields>(
    { ...draftOf(step), [PARTS]: step.parts.join('\n') },
    kept,
    onDraft,
  )
  const { [PARTS]: chosen = '', ...fields } = draft
  const parts = chosen.split('\n').filter(Boolean)
  const [errors, setErrors] = useState<Record<string, string>>({})
  const form = useRef<HTMLFormElement>(null)
  const field: FieldOf = (name) => ({
    value: fields[name] ?? '',
    onChange: ({ target }) =>
      put({
        // Another family or colour is another paint than the saved mix or the bottle.
        ...(name === 'family' || name === 'colour' ? { mix: '', bottle: '' } : {}),
        [name]: target.value,
      }),
    error: errors[name],
    disabled: done,
  })
  const save = (on: EditScope) => {
    const read = readStep(step, { fields, parts })
    setErrors(read.errors)
    if (read.step) onSave(read.step, on)
    else focusFirstError(form.current)
  }
  return {
    ...{ fields, parts, form, errors, field, save, isChanged, elsewhere, take, reset },
    set: put,
    setParts: (chosen: string[]) => put({ [PARTS]: chosen.join('\n') }),
  }
}

/** The fields of one step, in its place on the core sample. Nothing is written until every field reads. */
export function StepEditor({
  build,
  part,
  shelf = [],
  mixes = [],
  onRemove,
  onDuplicate,
  onShift,
  onClose,
  ...edited
}: Edited & {
  build: Build
  /** The part whose core it is chosen on. */
  part: Part
  /** What it may be painted from. */
  shelf?: readonly Bottle[]
  mixes?: readonly StoredMix[]
  onRemove: (on: EditScope) => void
  /** Lays the same step once more, behind it. */
  onDuplicate?: () => void
  /** Moves it by one, later or earlier in the order of work. */
  onShift?: (by: 1 | -1) => void
  onClose: () => void
}) {
  const { step, done, kept } = edited
  const draft = useStepDraft(edited)
  return (
    <form
      ref={draft.form}
      noValidate
      aria-label="The chosen step"
      className="space-y-3"
      onSubmit={(event) => {
        event.preventDefault()
        draft.save('every')
      }}
    >
      <StepHead
        step={step}
        on={placeOf(build, part, step)}
        onShift={done ? undefined : onShift}
        onDuplicate={onDuplicate}
        onClose={onClose}
      />
      {done && <p className="text-soft">This is done: it stays as it was logged.</p>}
      {draft.isChanged && kept && !done && <NotApplied onBack={draft.reset} />}
      {isAct(step) ? (
        <ActFields
          step={step as BuildAct}
          fields={draft.fields}
          field={draft.field}
          shelf={shelf}
          mixes={mixes}
          onGlass={build.parts.some(
            ({ id, substrate }) => draft.parts.includes(id) && substrateRow(substrate).clear,
          )}
          onChoose={draft.set}
        />
      ) : (
        <WaitFields field={draft.field} />
      )}
      <PartChecks
        legend="On these parts"
        parts={build.parts}
        chosen={draft.parts}
        onChoose={draft.setParts}
        disabled={done}
        error={draft.errors.parts}
      />
      {isAct(step) && (
        <StepPlaces build={build} step={step as BuildAct} parts={draft.parts} field={draft.field} />
      )}
      <Elsewhere
        fields={draft.elsewhere}
        say={(name) => fieldName(step, String(name))}
        onTake={draft.take}
      />
      {!done && (
        <StepButtons
          part={part}
          shared={step.parts.length > 1}
          onSave={draft.save}
          onRemove={onRemove}
        />
      )}
    </form>
  )
}

/** Where a step is looked at on the panel: on the first of its zones that this part has. */
function placeOf(build: Build, part: Part, step: BuildStep) {
  const own = zonesOf(build, part.id)
  const zone = (step as BuildAct).zones?.find((id) => own.some((one) => one.id === id))
  return { build: build.id, part: part.id, step: step.id, zone }
}

/** What a field of a step is called. */
function fieldName(step: BuildStep, name: string): string {
  if (name === PARTS) return 'On these parts'
  const fields = isAct(step) ? stepFields(actRow(step.do, step.family)) : []
  return fields.find(({ path }) => path === name)?.label ?? plain(spaced(name))
}

/** What the step is called, and what is done with it as it is. */
function StepHead({
  step,
  on,
  onShift,
  onDuplicate,
  onClose,
}: {
  step: BuildStep
  /** Whose step it is. */
  on: { build: string; part: string; step: string; zone: string | undefined }
  onShift: ((by: 1 | -1) => void) | undefined
  onDuplicate: (() => void) | undefined
  onClose: () => void
}) {
  return (
    <div className="flex items-start justify-between gap-3">
      <h2 className="font-display text-2xl font-semibold">
        {isAct(step) ? stepName(step) : 'Wait'}
      </h2>
      <div className="flex flex-wrap justify-end gap-2">
        {onShift && (
          <>
            <Button size="small" aria-label="Move up" onClick={() => onShift(1)}>
              <ArrowUp className="size-4" aria-hidden="true" />
            </Button>
            <Button size="small" aria-label="Move down" onClick={() => onShift(-1)}>
              <ArrowDown className="size-4" aria-hidden="true" />
            </Button>
          </>
        )}
        {onDuplicate && (
          <Button size="small" onClick={onDuplicate}>
            Duplicate
          </Button>
        )}
        <Link href={panelHref(on)} className="key inline-flex min-h-8 items-center px-2.5 text-sm">
          On the panel
        </Link>
        <Button size="small" onClick={onClose}>
          Close
        </Button>
      </div>
    </div>
  )
}

/** How long a wait is, as people say it, and a note to it. */
function WaitFields({ field }: { field: FieldOf }) {
  const wait = field('wait')
  return (
    <>
      <TextField label="Wait" {...wait} hint={takenFor(wait.value) ?? '15 min, 1h30, overnight'} />
      <TextField label="Note" {...field('note')} />
    </>
  )
}

function NotApplied({ onBack }: { onBack: () => void }) {
  return (
    <p className="border-l-4 border-risk pl-3 text-sm">
      You changed this and haven’t saved it yet.{' '}
      <button type="button" className="min-h-8 text-act underline" onClick={onBack}>
        Back to how it is
      </button>
    </p>
  )
}

/** What is done with the step, and on which parts: said on the button. */
function StepButtons({
  part,
  shared,
  onSave,
  onRemove,
}: {
  part: Part
  shared: boolean
  onSave: (on: EditScope) => void
  onRemove: (on: EditScope) => void
}) {
  return (
    <div className="flex flex-wrap gap-2 pt-1">
      <Button type="submit" look="act">
        {shared ? 'Save on every part' : 'Save'}
      </Button>
      {shared && <Button onClick={() => onSave([part.id])}>On {part.name} alone</Button>}
      <Button look="stop" onClick={() => onRemove([part.id])}>
        {shared ? `Remove from ${part.name}` : 'Remove'}
      </Button>
      {shared && (
        <Button look="stop" onClick={() => onRemove('every')}>
          Remove from every part
        </Button>
      )}
    </div>
  )
}
