'use client'
import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import { buildFromStarter } from '@/core/builds'
import { STARTER_KINDS, STARTERS, type Starter, type StarterKind } from '@/core/knowledge'
import { nameField } from '@/core/model/fields'
import type { Sessions } from '@/core/model/sessions'
import { useProject, useRun } from '@/state/hooks'
import { addBuild } from '@/store/actions/builds'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import { cx } from '@/ui/cx'
import { TextField } from '@/ui/Field'
import { focusFirstError, readForm } from '../shared/forms'
import { SessionsFields } from '../shared/SessionsFields'
import { useSessionsDraft } from '../shared/sessionsDraft'

/** From an empty page to a checked plan: a starting sequence, a name, and when the modeller is at the bench. */
export function NewBuild({ onClose }: { onClose: (() => void) | null }) {
  const project = useProject()
  const run = useRun()
  const router = useRouter()
  const [chosen, setChosen] = useState(STARTERS[0]?.id ?? '')
  const [name, setName] = useState('')
  const [error, setError] = useState<string | null>(null)
  const sessions = useSessionsDraft(project.sessions ?? null)
  const form = useRef<HTMLFormElement>(null)
  const asksSessions = !project.sessions
  const start = async () => {
    const starter = STARTERS.find((starter) => starter.id === chosen)
    const read = readForm(nameField, name)
    setError(read.ok ? null : (Object.values(read.errors)[0] ?? null))
    const times: Sessions | null = asksSessions ? sessions.read() : (project.sessions ?? null)
    if (!starter || !read.ok || !times) return focusFirstError(form.current)
    const build = buildFromStarter(starter, read.value, newId)
    if (await run(addBuild, build, asksSessions ? times : null)) router.push(`/builds/${build.id}`)
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
        <fieldset>
          <legend className="font-display text-xl font-semibold">Begin with</legend>
          {STARTER_KINDS.map((kind) => (
            <div key={kind} className="mt-3">
              <p className="text-sm font-semibold text-soft">{KIND_WORDS[kind]}</p>
              <div className="mt-1 border-t border-rule">
                {STARTERS.filter((starter) => starter.kind === kind).map((starter) => (
                  <StarterChoice
                    key={starter.id}
                    starter={starter}
                    chosen={starter.id === chosen}
                    onChoose={() => setChosen(starter.id)}
                  />
                ))}
              </div>
            </div>
          ))}
        </fieldset>
        <div className="order-first min-w-0 lg:order-none lg:sticky lg:top-4 lg:h-fit">
          <div>
            <TextField
              label="Name of the build"
              value={name}
              error={error}
              onChange={(event) => setName(event.target.value)}
            />
          </div>
          {asksSessions && (
            <div className="mt-5">
              <h2 className="font-display text-xl font-semibold">When are you at the bench?</h2>
              <SessionsFields draft={sessions} />
            </div>
          )}
          <div className="mt-5 flex gap-2">
            <Button type="submit" look="act" size="bench">
              Start and check it
            </Button>
            {onClose && (
              <Button size="bench" onClick={onClose}>
                Leave it
              </Button>
            )}
          </div>
        </div>
      </div>
    </form>
  )
}

const KIND_WORDS = {
  ship: 'Ships',
  mecha: 'Mecha and machines',
  miniature: 'Miniatures',
  terrain: 'Terrain',
  car: 'Car bodies',
} as const satisfies Record<StarterKind, string>

function StarterChoice({
  starter,
  chosen,
  onChoose,
}: {
  starter: Starter
  chosen: boolean
  onChoose: () => void
}) {
  return (
    <label
      className={cx(
        'grid min-h-11 cursor-pointer grid-cols-[auto_minmax(0,1fr)] items-center gap-3 border-b border-rule px-2 py-1.5',
        chosen ? 'bg-act-wash' : 'hover:bg-sunk',
      )}
    >
      <input
        type="radio"
        name="starter"
        className="size-5 shrink-0"
        checked={chosen}
        onChange={onChoose}
      />
      <span className="grid min-w-0 gap-x-4 md:grid-cols-[12rem_minmax(0,1fr)]">
        <span className="font-semibold">
          {starter.name} <span className="font-normal text-soft">1:{starter.scale}</span>
        </span>
        <span className="text-sm">{starter.about}</span>
      </span>
    </label>
  )
}
