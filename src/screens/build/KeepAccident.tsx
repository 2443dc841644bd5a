import { useState } from 'react'
import { actOf, zonesOf } from '@/core/builds'
import { accidentSchema } from '@/core/model/accident'
import type { Build, Part } from '@/core/model/build'
import { isAct } from '@/core/model/isAct'
import { newestOf } from '@/core/model/newestPicture'
import { useProject } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { useTyped } from '../shared/useTyped'
import { stepName } from '../shared/words'
import { doneIn, type ShownPart } from './judged'

/** Keeps an accident: what it is called, which step made it, where, and what caused it. */
export function KeepAccident({
  build,
  part,
  judged,
  said,
  onDone,
}: {
  build: Build
  part: Part
  judged: ShownPart
  /** What was noted of it. */
  said: string
  onDone: () => void
}) {
  const run = useRun()
  const { pictures = [] } = useProject()
  const acts = build.steps.filter((step) => step.parts.includes(part.id) && isAct(step))
  const done = doneIn(judged.plan)
  const [step, setStep] = useState(acts.findLast(({ id }) => done.has(id))?.id ?? acts[0]?.id ?? '')
  const [zone, setZone] = useState('')
  const { field, typed, read, form } = useTyped({ name: said.slice(0, 120), cause: '' })
  const made = acts.find(({ id }) => id === step)
  const picture = newestOf(pictures, { build: build.id })
  const save = () =>
    read(
      accidentSchema,
      {
        id: newId(),
        name: typed.name,
        at: new Date().toISOString(),
        build: build.id,
        part: part.id,
        ...(zone ? { zone } : {}),
        ...(made ? { step, steps: [actOf(made)] } : {}),
        ...(typed.cause.trim() ? { cause: typed.cause.trim() } : {}),
        ...(picture ? { picture: picture.id } : {}),
      },
      async (accident) => {
        const rules = judged.findings
          .filter((finding) => finding.step === step && finding.accepted === null)
          .map(({ rule }) => rule)
        if (await run('keepAccident', accident, [...new Set(rules)])) onDone()
      },
    )
  return (
    <form
      ref={form}
      noValidate
      aria-label="Keep a happy accident"
      className="mt-2 grid max-w-3xl gap-3 sm:grid-cols-2"
      onSubmit={(event) => {
        event.preventDefault()
        save()
      }}
    >
      <TextField label="What it is" placeholder="A tide mark under the hatch" {...field('name')} />
      <SelectField
        label="Which step made it"
        value={step}
        choices={acts.map((one) => ({ value: one.id, say: isAct(one) ? stepName(one) : '' }))}
        onChange={({ target }) => setStep(target.value)}
      />
      <SelectField
        label="Where"
        value={zone}
        choices={[
          { value: '', say: 'Anywhere on it' },
          ...zonesOf(build, part.id).map(({ id, name }) => ({ value: id, say: name })),
        ]}
        onChange={({ target }) => setZone(target.value)}
      />
      <TextField label="What caused it" maxLength={4000} {...field('cause')} />
      <p className="flex gap-2 sm:col-span-2">
        <Button look="act" type="submit">
          Keep it
        </Button>
        <Button onClick={onDone}>Cancel</Button>
      </p>
    </form>
  )
}
