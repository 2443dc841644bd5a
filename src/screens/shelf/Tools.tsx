'use client'

import { useRef, useState } from 'react'
import { type BenchTool, TOOL_KINDS, toolSchema } from '@/core/model/project'
import { newId } from '@/store/ids'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { focusFirstError, numberOf, readForm } from '../forms'
import { useBench } from '../shell/BenchContext'
import { capital } from '../words'

const EMPTY = { kind: 'needle' as BenchTool['kind'], name: '', sizeMm: '', holdsMl: '' }

/** Needles, cups, brushes, sponges: the mixing desk offers the cups and nozzles that are here. */
export function Tools() {
  const { project, change } = useBench()
  const [draft, setDraft] = useState(EMPTY)
  const [errors, setErrors] = useState<Record<string, string>>({})
  const form = useRef<HTMLFormElement>(null)
  const tools = [...(project.tools ?? [])].sort(
    (a, b) =>
      TOOL_KINDS.indexOf(a.kind) - TOOL_KINDS.indexOf(b.kind) ||
      (a.sizeMm ?? a.holdsMl ?? 0) - (b.sizeMm ?? b.holdsMl ?? 0),
  )
  const field = (name: 'name' | 'sizeMm' | 'holdsMl') => ({
    value: draft[name],
    error: errors[name],
    onChange: (event: { target: { value: string } }) =>
      setDraft({ ...draft, [name]: event.target.value }),
  })
  const add = () => {
    const read = readForm(toolSchema, {
      id: newId(),
      kind: draft.kind,
      name: draft.name,
      ...(draft.kind === 'cup'
        ? { holdsMl: numberOf(draft.holdsMl) }
        : { sizeMm: numberOf(draft.sizeMm) }),
    })
    setErrors(read.ok ? {} : read.errors)
    if (!read.ok) return focusFirstError(form.current)
    const { value } = read
    void change(`Added: ${value.name}`, [{ table: 'tools', id: value.id, row: value }])
    setDraft(EMPTY)
  }
  return (
    <section aria-labelledby="tools" className="mt-10 border-t-2 border-strong pt-4">
      <h2 id="tools" className="font-display text-xl font-semibold">
        Tools
      </h2>
      <ul className="mt-1 grid gap-x-8 md:grid-cols-2">
        {tools.map((tool) => (
          <li key={tool.id} className="flex items-center gap-3 border-b border-rule py-1.5">
            <span className="min-w-0 flex-1">
              <span className="font-semibold">{tool.name}</span>{' '}
              <span className="text-soft">{sizeWords(tool)}</span>
            </span>
            <Button
              size="small"
              onClick={() =>
                void change(`Took away ${tool.name}`, [{ table: 'tools', id: tool.id, row: null }])
              }
            >
              Take away
            </Button>
          </li>
        ))}
      </ul>
      <form
        ref={form}
        noValidate
        aria-label="A new tool"
        className="mt-3 flex flex-wrap items-start gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          add()
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
        <Button type="submit" className="mt-6">
          Add the tool
        </Button>
      </form>
    </section>
  )
}

function sizeWords({ kind, sizeMm, holdsMl }: BenchTool): string {
  if (holdsMl !== undefined) return `${kind}, ${holdsMl} ml`
  return sizeMm === undefined ? kind : `${kind}, ${sizeMm} mm`
}
