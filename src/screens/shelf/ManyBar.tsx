'use client'
import { useState } from 'react'
import type { Bottle } from '@/core/model/bottle'
import { counted } from '@/core/model/counted'

import { useRun } from '@/state/writing'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { given, MANY_FIELDS, type ManyField } from './many'

/** Gives a field to every bottle that is ticked, or takes them all off the shelf: one change, one undo. */
export function ManyBar({
  chosen,
  found,
  onChoose,
}: {
  chosen: readonly Bottle[]
  /** Those that are shown. */
  found: readonly Bottle[]
  onChoose: (ids: readonly string[]) => void
}) {
  const run = useRun()
  const [field, setField] = useState<ManyField>(MANY_FIELDS[0] as ManyField)
  const [text, setText] = useState('')
  const [error, setError] = useState<string | null>(null)
  const value = field.choices && text === '' ? (field.choices[0]?.value ?? '') : text
  const give = () => {
    const read = given(chosen, field.value, value, Date.now())
    setError(read.ok ? null : read.error)
    if (!read.ok) return
    void run(
      'changeBottles',
      read.changes,
      `${field.say} given to ${counted(read.changes.length, 'bottle')}`,
    )
  }
  const takeOff = async () => {
    if (await run('removeBottles', chosen)) onChoose([])
  }
  const input = {
    label: 'To',
    value,
    error,
    ...(field.unit ? { unit: field.unit } : {}),
    onChange: (event: { target: { value: string } }) => setText(event.target.value),
  }
  return (
    <form
      noValidate
      aria-label="Several bottles"
      className="sticky top-0 z-10 mt-4 flex flex-wrap items-start gap-3 border-y-2 border-strong bg-surface py-3"
      onSubmit={(event) => {
        event.preventDefault()
        give()
      }}
    >
      <p className="mt-8 font-semibold" aria-live="polite">
        {chosen.length} ticked
      </p>
      <Button className="mt-6" onClick={() => onChoose(found.map((bottle) => bottle.id))}>
        Tick all {found.length}
      </Button>
      <div className="w-44">
        <SelectField
          label="Set"
          value={field.value}
          choices={MANY_FIELDS}
          onChange={(event) => {
            setField(MANY_FIELDS.find((field) => field.value === event.target.value) ?? field)
            setText('')
            setError(null)
          }}
        />
      </div>
      <div className="min-w-0 flex-1 basis-44">
        {field.choices ? (
          <SelectField {...input} choices={field.choices} />
        ) : (
          <TextField {...input} placeholder="nothing" />
        )}
      </div>
      <Button type="submit" look="act" className="mt-6" disabled={chosen.length === 0}>
        Set it on {chosen.length}
      </Button>
      <Button
        look="stop"
        className="mt-6"
        disabled={chosen.length === 0}
        onClick={() => void takeOff()}
      >
        Remove
      </Button>
    </form>
  )
}
