'use client'
import { useRef, useState } from 'react'
import { stagesOf } from '@/core/builds'
import { techniqueText } from '@/core/formats/techniqueFile'
import { type OwnTechnique, ownTechniqueSchema } from '@/core/model/technique'
import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { saveFile } from '@/ui/saveFile'
import { Elsewhere } from '../shared/Elsewhere'
import { focusFirstError } from '../shared/fieldText'
import { readForm } from '../shared/forms'
import { useTypedOver } from '../shared/useTypedOver'
import { stepName } from '../shared/words'
import { AddTechnique } from './AddTechnique'

/** A technique of the modeller's own: renamed, exported, removed, added to a build. */
export function OwnView({
  technique,
  build,
  onGone,
}: {
  technique: OwnTechnique
  build: string | null
  onGone: () => void
}) {
  const stage = stagesOf(technique.steps)[0] ?? 11
  return (
    <article aria-labelledby="technique">
      <p className="text-sm font-semibold text-soft">Your own</p>
      <h2 id="technique" className="font-display text-4xl font-semibold">
        {technique.name}
      </h2>
      <div className="mt-5 grid gap-x-10 gap-y-6 xl:grid-cols-[minmax(0,1fr)_20rem]">
        <div className="min-w-0 space-y-6">
          <Steps technique={technique} />
          <NameForm technique={technique} onGone={onGone} />
        </div>
        <aside className="min-w-0 xl:border-l xl:border-rule xl:pl-6">
          <AddTechnique
            name={technique.name}
            chosen={{ stage, steps: technique.steps.map((step) => ({ step })) }}
            build={build}
          />
        </aside>
      </div>
    </article>
  )
}

/** The steps that it lays; each can be taken out but the last. */
function Steps({ technique }: { technique: OwnTechnique }) {
  const run = useRun()
  const { steps } = technique
  const takeOut = (at: number, step: (typeof steps)[number]) =>
    void run(
      'removeTechniqueStep',
      technique.id,
      step,
      at,
      `Removed: ${stepName(step).toLowerCase()}`,
    )
  return (
    <ol className="border-t-2 border-strong">
      {steps.map((step, i) => (
        <li
          // biome-ignore lint/suspicious/noArrayIndexKey: two steps may read the same
          key={i}
          className="flex items-center justify-between gap-3 border-b border-rule py-1.5"
        >
          <span>
            <span className="font-semibold">{stepName(step)}</span>{' '}
            <span className="text-sm text-soft">
              {[step.family, step.coats?.join(', ')].filter(Boolean).join(' · ')}
            </span>
          </span>
          {steps.length > 1 && (
            <Button
              size="small"
              aria-label={`Remove step ${i + 1}, ${stepName(step)}`}
              onClick={() => takeOut(i, step)}
            >
              Remove
            </Button>
          )}
        </li>
      ))}
    </ol>
  )
}

function NameForm({ technique, onGone }: { technique: OwnTechnique; onGone: () => void }) {
  const run = useRun()
  const { draft, put, elsewhere, take } = useTypedOver({
    name: technique.name,
    purpose: technique.purpose ?? '',
  })
  const [errors, setErrors] = useState<Record<string, string>>({})
  const form = useRef<HTMLFormElement>(null)
  const remove = async () => {
    const removed = await run('removeTechnique', technique.id, `Removed: ${technique.name}`)
    if (removed) onGone()
  }
  const save = () => {
    const read = readForm(ownTechniqueSchema, { ...technique, ...draft })
    setErrors(read.ok ? {} : read.errors)
    if (read.ok) void run('saveTechnique', read.value, `Changed: ${read.value.name}`)
    else focusFirstError(form.current)
  }
  return (
    <form
      ref={form}
      noValidate
      className="max-w-md space-y-3"
      onSubmit={(event) => {
        event.preventDefault()
        save()
      }}
    >
      <TextField
        label="Name"
        value={draft.name}
        error={errors.name}
        onChange={(event) => put({ name: event.target.value })}
      />
      <TextField
        label="What it is for"
        value={draft.purpose}
        error={errors.purpose}
        onChange={(event) => put({ purpose: event.target.value })}
      />
      <Elsewhere
        fields={elsewhere}
        say={(field) => (field === 'name' ? 'Name' : 'What it is for')}
        onTake={take}
      />
      <div className="flex flex-wrap gap-2">
        <Button type="submit">Apply</Button>
        <Button
          onClick={() =>
            saveFile(`${technique.id}.json`, techniqueText(technique), 'application/json')
          }
        >
          Export it
        </Button>
        <Button look="stop" onClick={() => void remove()}>
          Remove
        </Button>
      </div>
    </form>
  )
}
