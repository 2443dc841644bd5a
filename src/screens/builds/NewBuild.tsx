'use client'
import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import { buildFromStarter, copyBuild, emptyBuild } from '@/core/builds'
import { saidScale, USUAL_SCALES } from '@/core/formats/text/saidScale'
import { STARTERS } from '@/core/knowledge'
import type { Build } from '@/core/model/build'
import { nameField } from '@/core/model/fields'
import type { Sessions } from '@/core/model/sessions'
import { useProject } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { focusFirstError } from '../shared/fieldText'
import { readForm } from '../shared/forms'
import { SessionsFields } from '../shared/SessionsFields'
import { useSessionsDraft } from '../shared/sessionsDraft'
import { type Beginning, BeginWith } from './BeginWith'

/** What a new build is begun with, and how it is called. */
type Draft = { name: string; scale: string; use: '' | 'display' | 'handled'; from: Beginning }

/** The build that a draft means, or what is wrong with it. */
function buildOf(draft: Draft): { build: Build | null; errors: Record<string, string> } {
  const errors: Record<string, string> = {}
  const name = readForm(nameField, draft.name)
  if (!name.ok) errors.name = Object.values(name.errors)[0] ?? ''
  const scale = draft.scale.trim() === '' ? undefined : saidScale(draft.scale)
  if (scale === null) errors.scale = 'Enter a scale such as 1:72 or 1/35'
  if (!name.ok || scale === null) return { build: null, errors }
  const begun = begin(draft.from, name.value)
  const build = {
    ...begun,
    ...(scale === undefined ? {} : { scale }),
    ...(draft.use === '' ? {} : { use: draft.use }),
  }
  return { build, errors }
}

function begin(from: Beginning, name: string): Build {
  switch (from.is) {
    case 'starter':
      return buildFromStarter(from.starter, name, newId)
    case 'copy':
      return copyBuild(from.build, name, newId)
    case 'empty':
      return emptyBuild(name, newId)
  }
}

const FIRST: Beginning = STARTERS[0] ? { is: 'starter', starter: STARTERS[0] } : { is: 'empty' }

/** From an empty page to a checked plan: a name, a scale, what it begins with, and when the modeller is at the bench. */
export function NewBuild({ onClose }: { onClose: (() => void) | null }) {
  const project = useProject()
  const run = useRun()
  const router = useRouter()
  const [draft, setDraft] = useState<Draft>({ name: '', scale: '', use: '', from: FIRST })
  const [errors, setErrors] = useState<Record<string, string>>({})
  const sessions = useSessionsDraft(project.sessions ?? null)
  const form = useRef<HTMLFormElement>(null)
  const asksSessions = !project.sessions
  const set = (fields: Partial<Draft>) => setDraft({ ...draft, ...fields })
  const start = async () => {
    const read = buildOf(draft)
    setErrors(read.errors)
    const times: Sessions | null = asksSessions ? sessions.read() : (project.sessions ?? null)
    const { build } = read
    if (!build || !times) return focusFirstError(form.current)
    if (await run('addBuild', build, asksSessions ? times : null))
      router.push(`/builds/${build.id}`)
  }
  return (
    <form
      ref={form}
      noValidate
      aria-label="Start a build"
      className="mt-4 border-y-2 border-strong py-5"
      onSubmit={(event) => {
        event.preventDefault()
        void start()
      }}
    >
      <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_20rem]">
        <BeginWith
          from={draft.from}
          builds={project.builds ?? []}
          onChoose={(from, name) => set({ from, ...(name && draft.name === '' ? { name } : {}) })}
        />
        <div className="order-first min-w-0 space-y-4 lg:order-none lg:sticky lg:top-4 lg:h-fit">
          <TextField
            label="Name of the build"
            value={draft.name}
            error={errors.name}
            onChange={(event) => set({ name: event.target.value })}
          />
          <ScaleField
            value={draft.scale}
            usual={scaleOf(draft.from)}
            error={errors.scale}
            onChange={(scale) => set({ scale })}
          />
          <SelectField
            label="What it is for"
            value={draft.use === '' ? (purposeOf(draft.from) ?? 'display') : draft.use}
            onChange={(event) => set({ use: event.target.value as Draft['use'] })}
            choices={[
              { value: 'display', say: 'To be looked at' },
              { value: 'handled', say: 'To be handled in play' },
            ]}
          />
          {asksSessions && (
            <div>
              <h2 className="font-display text-xl font-semibold">When are you at the bench?</h2>
              <SessionsFields draft={sessions} />
            </div>
          )}
          <div className="flex gap-2">
            <Button type="submit" look="act" size="bench">
              Start and check it
            </Button>
            {onClose && (
              <Button size="bench" onClick={onClose}>
                Cancel
              </Button>
            )}
          </div>
        </div>
      </div>
    </form>
  )
}

function scaleOf(from: Beginning): number | undefined {
  return from.is === 'starter'
    ? from.starter.scale
    : from.is === 'copy'
      ? from.build.scale
      : undefined
}

function purposeOf(from: Beginning): Build['use'] {
  return from.is === 'starter' ? from.starter.use : from.is === 'copy' ? from.build.use : undefined
}

/** A scale, typed or tapped; nothing said is that of what it begins with. */
function ScaleField({
  value,
  usual,
  error,
  onChange,
}: {
  value: string
  usual: number | undefined
  error: string | undefined
  onChange: (scale: string) => void
}) {
  return (
    <div>
      <TextField
        label="Scale"
        value={value}
        error={error}
        placeholder={usual === undefined ? '1:72' : `1:${usual}`}
        onChange={(event) => onChange(event.target.value)}
      />
      <div className="mt-1 grid grid-cols-4 pl-0.5">
        {USUAL_SCALES.map((scale) => (
          <button
            key={scale}
            type="button"
            aria-pressed={saidScale(value) === scale}
            onClick={() => onChange(`1:${scale}`)}
            className="key mt-px ml-px first:ml-0 min-h-9 px-1 text-sm pointer-coarse:min-h-11"
          >
            1:{scale}
          </button>
        ))}
      </div>
    </div>
  )
}
