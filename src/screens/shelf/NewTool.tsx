'use client'
import { useRef, useState } from 'react'
import { type BenchTool, toolSchema } from '@/core/model/tool'
import { TOOL_KINDS } from '@/core/model/vocabulary'
import { useRun } from '@/state/writing'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { focusFirstError, numberOf } from '../shared/fieldText'
import { readForm } from '../shared/forms'
import { capital } from '../shared/words'

const EMPTY = {
  kind: 'needle' as BenchTool['kind'],
  name: '',
  sizeMm: '',
  holdsMl: '',
  lasts: '',
  price: '',
}

/** A tool that is put on the shelf. */
export function NewTool() {
  const run = useRun()
  const [draft, setDraft] = useState(EMPTY)
  const [errors, setErrors] = useState<Record<string, string>>({})
  const form = useRef<HTMLFormElement>(null)
  const field = (name: Exclude<keyof typeof EMPTY, 'kind'>) => ({
    value: draft[name],
    error: errors[name],
    onChange: (event: { target: { value: string } }) =>
      setDraft({ ...draft, [name]: event.target.value }),
  })
  const add = async () => {
    const read = readForm(toolSchema, {
      id: newId(),
      kind: draft.kind,
      name: draft.name,
      ...(draft.kind === 'cup'
        ? { holdsMl: numberOf(draft.holdsMl) }
        : { sizeMm: numberOf(draft.sizeMm) }),
      lasts: numberOf(draft.lasts),
      price: numberOf(draft.price),
    })
    setErrors(read.ok ? {} : read.errors)
    if (!read.ok) return focusFirstError(form.current)
    if (await run('addTool', read.value)) setDraft(EMPTY)
  }
  return (
    <form
      ref={form}
      noValidate
      aria-label="A new tool"
      className="mt-3 flex flex-wrap items-start gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        void add()
      }}
    >
      <div className="w-36">
        <SelectField
          label="Kind"
          value={draft.kind}
          onChange={(event) =>
            setDraft({ ...draft, kind: event.target.value as BenchTool['kind'] })
          }
          choices={TOOL_KINDS.map((value) => ({ value, say: capital(value) }))}
        />
      </div>
      <div className="min-w-0 flex-1 basis-48">
        <TextField label="Called" {...field('name')} />
      </div>
      <div className="w-28">
        {draft.kind === 'cup' ? (
          <TextField label="Holds" unit="ml" inputMode="decimal" {...field('holdsMl')} />
        ) : (
          <TextField label="Size" unit="mm" inputMode="decimal" {...field('sizeMm')} />
        )}
      </div>
      <div className="w-28">
        <TextField
          label="Lasts"
          unit="uses"
          inputMode="numeric"
          placeholder="for ever"
          {...field('lasts')}
        />
      </div>
      <div className="w-24">
        <TextField label="Price" inputMode="decimal" {...field('price')} />
      </div>
      <Button type="submit" className="mt-6">
        Add the tool
      </Button>
    </form>
  )
}
