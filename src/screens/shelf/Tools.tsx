'use client'
import { useMemo, useRef, useState } from 'react'
import { type BenchTool, TOOL_KINDS, toolSchema } from '@/core/model/tool'
import { wearOf } from '@/core/stock'

import { useStock } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { buildFields, ForBuild } from '../shared/ForBuild'
import { focusFirstError, numberOf, readForm } from '../shared/forms'
import { capital } from '../shared/words'
import { ToolRow } from './ToolRow'

const EMPTY = {
  kind: 'needle' as BenchTool['kind'],
  name: '',
  sizeMm: '',
  holdsMl: '',
  lasts: '',
  price: '',
}

/**
 * Tools and consumables with how far each is used up; the mixing desk offers the cups and nozzles that are here.
 */
export function Tools() {
  const stock = useStock()
  const run = useRun()
  const [usedFor, setUsedFor] = useState('')
  const wear = useMemo(() => wearOf(stock).sort((a, b) => byKind(a.tool, b.tool)), [stock])
  const use = ({ id, name }: BenchTool) => void run('useTool', id, name, buildFields(usedFor))
  return (
    <section aria-labelledby="tools" className="mt-10 border-t-2 border-strong pt-4">
      <h2 id="tools" className="font-display text-xl font-semibold">
        Tools
      </h2>
      {wear.length > 0 && (
        <div className="mt-2 max-w-sm">
          <ForBuild label="Used for" value={usedFor} onChange={setUsedFor} />
        </div>
      )}
      <ul className="mt-1 grid gap-x-8 md:grid-cols-2">
        {wear.map((worn) => (
          <ToolRow
            key={worn.tool.id}
            wear={worn}
            onUse={() => use(worn.tool)}
            onRemove={() => void run('removeTool', worn.tool)}
          />
        ))}
      </ul>
      <NewTool />
    </section>
  )
}

function NewTool() {
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

function byKind(a: BenchTool, b: BenchTool): number {
  return (
    TOOL_KINDS.indexOf(a.kind) - TOOL_KINDS.indexOf(b.kind) ||
    (a.sizeMm ?? a.holdsMl ?? 0) - (b.sizeMm ?? b.holdsMl ?? 0)
  )
}
