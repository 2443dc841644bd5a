import { useRef, useState } from 'react'
import { scaleMismatch } from '@/core/builds'
import { type Build, lengthSchema } from '@/core/model/build'
import { withoutOne } from '@/core/model/withoutOne'
import { useEditBuild } from '@/state/writing'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { focusFirstError, numberOf } from '../shared/fieldText'
import { readForm } from '../shared/forms'

type ModelLengths = NonNullable<Build['lengths']>

/** Lengths measured on the model against the real ones: is it the scale that it says? */
export function Lengths({ build }: { build: Build }) {
  const editBuild = useEditBuild()
  const lengths = build.lengths ?? []
  const set = (next: (now: ModelLengths) => ModelLengths, label: string) =>
    void editBuild(
      build.id,
      (now) => ({ do: 'set', fields: { lengths: next(now.lengths ?? []) } }),
      label,
    )
  const [said] = scaleMismatch(build)
  return (
    <details className="border-b border-rule" open={lengths.length > 0 || undefined}>
      <summary className="min-h-11 cursor-pointer py-2 font-semibold text-act">
        Is it the scale it says?
      </summary>
      <p className="max-w-prose text-sm text-soft">
        Measure something on the model whose real length you know: a door, a wheel, the whole hull.
      </p>
      <ul className="mt-1 space-y-1">
        {lengths.map((length, i) => (
          <li
            key={`${length.name} ${length.modelMm}`}
            className="flex flex-wrap items-center gap-x-4"
          >
            <span>{length.name}</span>
            <span className="text-soft">
              {length.modelMm} mm for {length.realM} m: 1:
              {Math.round((length.realM * 1000) / length.modelMm)}
            </span>
            <Button
              size="small"
              onClick={() => set((now) => withoutOne(now, length, i), `Removed: ${length.name}`)}
            >
              Remove
            </Button>
          </li>
        ))}
      </ul>
      {said && <p className="my-2 max-w-prose border-l-4 border-strong pl-3">{said.because}</p>}
      <LengthForm
        key={lengths.length}
        onAdd={(length) => set((now) => [...now, length], `Measured: ${length.name}`)}
      />
    </details>
  )
}

type Length = NonNullable<Build['lengths']>[number]

function LengthForm({ onAdd }: { onAdd: (length: Length) => void }) {
  const [name, setName] = useState('')
  const [model, setModel] = useState('')
  const [real, setReal] = useState('')
  const [errors, setErrors] = useState<Record<string, string>>({})
  const form = useRef<HTMLFormElement>(null)
  const add = () => {
    const read = readForm(lengthSchema, { name, modelMm: numberOf(model), realM: numberOf(real) })
    setErrors(read.ok ? {} : read.errors)
    if (read.ok) onAdd(read.value)
    else focusFirstError(form.current)
  }
  return (
    <form
      ref={form}
      noValidate
      aria-label="A length"
      className="grid max-w-3xl grid-cols-2 gap-3 py-2 sm:grid-cols-4"
      onSubmit={(event) => {
        event.preventDefault()
        add()
      }}
    >
      <TextField
        label="What was measured"
        value={name}
        error={errors.name}
        onChange={({ target }) => setName(target.value)}
      />
      <TextField
        label="On the model"
        unit="mm"
        inputMode="decimal"
        value={model}
        error={errors.modelMm}
        onChange={({ target }) => setModel(target.value)}
      />
      <TextField
        label="In reality"
        unit="m"
        inputMode="decimal"
        value={real}
        error={errors.realM}
        onChange={({ target }) => setReal(target.value)}
      />
      <Button type="submit" className="self-end justify-self-start">
        Add the length
      </Button>
    </form>
  )
}
