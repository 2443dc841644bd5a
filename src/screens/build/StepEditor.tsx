'use client'

import { useRef, useState } from 'react'
import { familiesFor, stepProblems, toolsFor } from '@/core/formats/stepProblems'
import { actRow, laysClear } from '@/core/knowledge'
import type { Bottle } from '@/core/model/bottle'
import {
  type Build,
  type BuildAct,
  type BuildStep,
  buildStepSchema,
  type Part,
} from '@/core/model/build'
import type { EditScope } from '@/core/model/edit'
import { isAct } from '@/core/model/isAct'
import type { StoredMix } from '@/core/model/mix'
import { sameValue } from '@/core/model/sameValue'
import { COATS, SHEENS, SOLVENTS } from '@/core/model/vocabulary'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { Swatch } from '@/ui/Swatch'
import { errorsByField, focusFirstError, numberOf, readForm } from '../shared/forms'
import { PartChecks } from '../shared/PartChecks'
import { familyName, plain, stepName } from '../shared/words'
import { PaintChoice } from './PaintChoice'

export type StepFields = Record<
  | 'wait'
  | 'family'
  | 'tool'
  | 'coats'
  | 'sheen'
  | 'solvent'
  | 'colour'
  | 'gap'
  | 'minutes'
  | 'thinning'
  | 'grit'
  | 'mix'
  | 'bottle'
  | 'thinner',
  string
>

/** What is typed into a step: its fields, and the parts that it is for. */
export type StepDraft = { fields: StepFields; parts: string[] }

function draftOf(step: BuildStep): StepFields {
  const act: Partial<BuildAct> = isAct(step) ? step : {}
  const text = (value: unknown) => (value === undefined ? '' : String(value))
  return {
    wait: isAct(step) ? '' : step.wait,
    family: text(act.family),
    tool: text(act.tool),
    coats: act.coats?.join(', ') ?? '',
    sheen: text(act.sheen),
    solvent: text(act.solvent),
    colour: text(act.colour),
    gap: text(act.gap),
    minutes: text(act.minutes),
    thinning: act.thinning === undefined ? '' : String(Math.round(act.thinning * 1000) / 10),
    grit: text(act.grit),
    mix: text(act.mix),
    bottle: text(act.bottle),
    thinner: text(act.thinner),
  }
}

const orNothing = (text: string) => (text.trim() === '' ? undefined : text.trim())

/** The step that a draft means, as it comes from the form: not judged yet. */
function stepOf(step: BuildStep, draft: StepFields, parts: string[]): unknown {
  if (!isAct(step)) return { ...step, parts, wait: draft.wait }
  const thinning = numberOf(draft.thinning)
  const coats = draft.coats.split(/[\s,]+/).filter(Boolean)
  const next = {
    ...step,
    parts,
    family: orNothing(draft.family),
    tool: orNothing(draft.tool),
    coats: coats.length > 0 ? coats : undefined,
    sheen: orNothing(draft.sheen),
    solvent: orNothing(draft.solvent),
    colour: orNothing(draft.colour),
    gap: orNothing(draft.gap),
    minutes: numberOf(draft.minutes),
    thinning: typeof thinning === 'number' ? thinning / 100 : thinning,
    grit: numberOf(draft.grit),
    mix: orNothing(draft.mix),
    bottle: orNothing(draft.bottle),
    thinner: orNothing(draft.thinner),
  }
  return Object.fromEntries(Object.entries(next).filter(([, value]) => value !== undefined))
}

/** The fields of one step beside the core sample. Nothing is written until every field reads. */
export function StepEditor({
  build,
  step,
  shelf = [],
  mixes = [],
  done,
  part,
  kept,
  onDraft = () => undefined,
  onSave,
  onRemove,
  onClose,
}: {
  build: Build
  step: BuildStep
  /** What it may be painted from. */
  shelf?: readonly Bottle[]
  mixes?: readonly StoredMix[]
  /** What is done is shown, not changed. */
  done: boolean
  /** The part whose core it is chosen on. */
  part: Part
  /** What was typed before and isn't applied yet. */
  kept?: StepDraft | undefined
  /** Hears what is typed; null: as the step is. */
  onDraft?: (draft: StepDraft | null) => void
  onSave: (step: BuildStep, on: EditScope) => void
  onRemove: (on: EditScope) => void
  onClose: () => void
}) {
  const [draft, setFields] = useState(() => kept?.fields ?? draftOf(step))
  const [parts, setPartsOnly] = useState(kept?.parts ?? step.parts)
  const tell = (next: StepDraft) =>
    onDraft(sameValue(next, { fields: draftOf(step), parts: step.parts }) ? null : next)
  const setDraft = (fields: StepFields) => {
    setFields(fields)
    tell({ fields, parts })
  }
  const setParts = (next: string[]) => {
    setPartsOnly(next)
    tell({ fields: draft, parts: next })
  }
  const [errors, setErrors] = useState<Record<string, string>>({})
  const form = useRef<HTMLFormElement>(null)
  const set = (field: keyof StepFields) => (event: { target: { value: string } }) =>
    setDraft({
      ...draft,
      // Another family or colour is another paint than the kept mix or the bottle.
      ...(field === 'family' || field === 'colour' ? { mix: '', bottle: '' } : {}),
      [field]: event.target.value,
    })
  const field = (name: keyof StepFields) => ({
    value: draft[name],
    onChange: set(name),
    error: errors[name],
    disabled: done,
  })
  const save = (on: EditScope) => {
    const read = readForm(buildStepSchema, stepOf(step, draft, parts))
    const wrong = read.ok ? stepProblems([read.value], '') : []
    const found = read.ok
      ? errorsByField(
          wrong.map((problem) => ({ ...problem, path: problem.path.replace('[0].', '') })),
        )
      : read.errors
    if (parts.length === 0) found.parts = 'Found nothing, expected at least one part'
    setErrors(found)
    if (read.ok && Object.keys(found).length === 0) onSave(read.value, on)
    else focusFirstError(form.current)
  }
  const row = isAct(step) ? actRow(step.do, step.family) : null
  const isShared = step.parts.length > 1
  const film = row?.kind === 'film'
  const thinners = shelf.filter(({ role }) => role === 'thinner')
  return (
    <form
      ref={form}
      noValidate
      aria-label="The chosen step"
      className="space-y-3"
      onSubmit={(event) => {
        event.preventDefault()
        save('every')
      }}
    >
      <div className="flex items-start justify-between gap-3">
        <h2 className="font-display text-2xl font-semibold">
          {isAct(step) ? stepName(step) : 'Wait'}
        </h2>
        <Button size="small" onClick={onClose}>
          Close
        </Button>
      </div>
      {done && <p className="text-soft">This is done: it stays as it was logged.</p>}
      {kept && !done && (
        <p className="border-l-4 border-risk pl-3 text-sm">
          You changed this and didn’t apply it yet.{' '}
          <button
            type="button"
            className="min-h-6 text-act underline"
            onClick={() => {
              setFields(draftOf(step))
              setPartsOnly(step.parts)
              onDraft(null)
            }}
          >
            Back to how it is
          </button>
        </p>
      )}
      {!isAct(step) && <TextField label="Wait" {...field('wait')} hint="15 min, 24 h, 3 d" />}
      {film && isAct(step) && (
        <PaintChoice
          step={step}
          draft={draft}
          shelf={shelf}
          mixes={mixes}
          disabled={done}
          onChoose={(chosen) => setDraft({ ...draft, ...chosen })}
        />
      )}
      {row?.family && (
        <SelectField
          label="Family"
          {...field('family')}
          choices={[
            ...(row.family === 'must'
              ? []
              : [{ value: '', say: `${familyName(row.family)} (usual)` }]),
            ...familiesFor(row).map((value) => ({ value, say: familyName(value) })),
          ]}
        />
      )}
      {film && (
        <TextField label="Coats" {...field('coats')} hint={`In order: ${COATS.join(', ')}`} />
      )}
      {film && (
        <div className="grid grid-cols-[1fr_auto] items-end gap-2">
          <TextField label="Colour" {...field('colour')} placeholder="#C9C4B4" />
          <Swatch colour={/^#[0-9a-f]{6}$/i.test(draft.colour) ? draft.colour : null} />
        </div>
      )}
      {film && (
        <SelectField
          label="Sheen"
          {...field('sheen')}
          choices={[
            ...(step && isAct(step) && laysClear(step)
              ? []
              : [{ value: '', say: 'As the family dries' }]),
            ...SHEENS.map((value) => ({ value, say: plain(value) })),
          ]}
        />
      )}
      {row && (
        <div className="grid grid-cols-2 gap-3">
          <SelectField
            label="Tool"
            {...field('tool')}
            choices={[
              { value: '', say: `${plain(row.tool)} (usual)` },
              ...toolsFor(row).map((value) => ({ value, say: plain(value) })),
            ]}
          />
          <SelectField
            label="Solvent"
            {...field('solvent')}
            choices={[
              { value: '', say: 'Its own' },
              ...SOLVENTS.map((value) => ({ value, say: plain(value) })),
            ]}
          />
        </div>
      )}
      {row && (
        <div className="grid grid-cols-2 gap-3">
          {film && <TextField label="Between coats" {...field('gap')} placeholder="flash time" />}
          <TextField
            label={film ? 'Each coat takes' : 'Takes'}
            unit="min"
            inputMode="decimal"
            {...field('minutes')}
            placeholder="5"
          />
          {film && (
            <TextField
              label="Thinner"
              unit="% of the mix"
              inputMode="decimal"
              {...field('thinning')}
            />
          )}
          {row.kind === 'level' || row.cuts === 'face' ? (
            <TextField label="Grit" inputMode="numeric" {...field('grit')} />
          ) : null}
        </div>
      )}
      {film && thinners.length > 0 && (
        <SelectField
          label="Thinned from"
          {...field('thinner')}
          choices={[
            { value: '', say: 'Whatever suits' },
            ...thinners.map(({ id, name }) => ({ value: id, say: name })),
          ]}
        />
      )}
      <PartChecks
        legend="On these parts"
        parts={build.parts}
        chosen={parts}
        onChoose={setParts}
        disabled={done}
        error={errors.parts}
      />
      {!done && (
        <div className="flex flex-wrap gap-2 pt-1">
          <Button type="submit" look="act">
            {isShared ? 'Apply on every part' : 'Apply to the step'}
          </Button>
          {isShared && <Button onClick={() => save([part.id])}>On {part.name} alone</Button>}
          <Button look="stop" onClick={() => onRemove([part.id])}>
            {isShared ? `Take it off ${part.name}` : 'Take it out'}
          </Button>
          {isShared && (
            <Button look="stop" onClick={() => onRemove('every')}>
              Take it off every part
            </Button>
          )}
        </div>
      )}
    </form>
  )
}
