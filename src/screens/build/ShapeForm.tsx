import { useRef, useState } from 'react'
import {
  type Dimension,
  STAND_IN_LENGTHS,
  STAND_INS,
  type StandIn,
  type StandInKind,
  standInSchema,
} from '@/core/model/shape'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { focusFirstError, numberOf } from '../shared/fieldText'
import { readForm } from '../shared/forms'
import { LENGTH_WORDS, SHAPE_WORDS } from './shapeWords'

/** The shape that stands in for a part, by its kind and lengths. */
export function ShapeForm({
  shape,
  say,
  onSave,
}: {
  shape: StandIn | undefined
  say: string
  onSave: (shape: StandIn) => void
}) {
  const [kind, setKind] = useState<StandInKind>(shape?.kind ?? 'box-hull')
  const [typed, setTyped] = useState<Record<string, string>>(() => typedOf(shape))
  const [errors, setErrors] = useState<Record<string, string>>({})
  const form = useRef<HTMLFormElement>(null)
  const { must, may = [] } = STAND_IN_LENGTHS[kind]
  const asked: readonly (Dimension | 'complexity')[] = [...must, ...may, 'complexity']
  const save = () => {
    const said = asked.flatMap((key) => {
      const value = numberOf(typed[key] ?? '')
      return value === undefined ? [] : [[key, value] as const]
    })
    const read = readForm(standInSchema, { kind, ...Object.fromEntries(said) })
    setErrors(read.ok ? {} : read.errors)
    if (read.ok) onSave(read.value)
    else focusFirstError(form.current)
  }
  return (
    <form
      ref={form}
      noValidate
      aria-label="The shape"
      className="grid max-w-3xl grid-cols-2 gap-3 sm:grid-cols-3"
      onSubmit={(event) => {
        event.preventDefault()
        save()
      }}
    >
      <SelectField
        label="Most like a"
        value={kind}
        onChange={({ target }) => setKind(target.value as StandInKind)}
        choices={STAND_INS.map((value) => ({ value, say: SHAPE_WORDS[value] }))}
      />
      {asked.map((key) => (
        <TextField
          key={key}
          label={key === 'complexity' ? 'Detail, 1 is smooth' : LENGTH_WORDS[key]}
          {...(key === 'complexity' ? { placeholder: '1' } : { unit: 'mm' })}
          inputMode="decimal"
          value={typed[key] ?? ''}
          error={errors[key]}
          onChange={({ target }) => setTyped({ ...typed, [key]: target.value })}
        />
      ))}
      <Button type="submit" className="self-end justify-self-start">
        {say}
      </Button>
    </form>
  )
}

function typedOf(shape: StandIn | undefined): Record<string, string> {
  return Object.fromEntries(
    Object.entries(shape ?? {}).flatMap(([key, value]) =>
      typeof value === 'number' ? [[key, String(value)]] : [],
    ),
  )
}
