'use client'
import { ToggleGroup } from 'radix-ui'
import { useEffect, useRef, useState } from 'react'
import { climateReadingSchema } from '@/core/model/bench'
import { sameValue } from '@/core/model/sameValue'
import type { Sessions } from '@/core/model/sessions'
import { useProject } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import { TextField } from '@/ui/Field'
import { focusFirstError, numberOf } from '../shared/fieldText'
import { readForm } from '../shared/forms'
import { SessionsFields } from '../shared/SessionsFields'
import { useSessionsDraft } from '../shared/sessionsDraft'
import { useLatestClimate } from '../shared/useLatestClimate'
import { useTelling } from '../shared/useTelling'
import { DamagedRows } from './DamagedRows'
import { DataSection } from './DataSection'
import { UnitsSection } from './UnitsSection'

export function SettingsScreen() {
  const project = useProject()
  // Fields with units are drawn again when the units are others.
  useTelling()
  return (
    <div className="max-w-3xl space-y-10 p-4 lg:p-6">
      <h1 className="font-display text-4xl font-semibold">Settings and data</h1>
      <DamagedRows />
      <RoomSection />
      <SessionsSection key={`sessions ${JSON.stringify(project.sessions)}`} />
      <ThemeSection />
      <UnitsSection />
      <DataSection />
    </div>
  )
}

/** The air of the room: a reading from now on; what dried before dried in the air of its time. */
function RoomSection() {
  const last = useLatestClimate()
  const run = useRun()
  /** What is typed and not noted yet stays while the sensor reads on; null: as it was last read. */
  const [typed, setTyped] = useState<{ celsius: string; humidity: string } | null>(null)
  const { celsius, humidity } = typed ?? {
    celsius: String(last.celsius),
    humidity: String(last.humidity),
  }
  const setCelsius = (text: string) => setTyped({ celsius: text, humidity })
  const setHumidity = (text: string) => setTyped({ celsius, humidity: text })
  const [errors, setErrors] = useState<Record<string, string>>({})
  const form = useRef<HTMLFormElement>(null)
  const save = () => {
    const id = newId()
    const read = readForm(climateReadingSchema, {
      id,
      at: new Date().toISOString(),
      celsius: numberOf(celsius),
      humidity: numberOf(humidity),
    })
    setErrors(read.ok ? {} : read.errors)
    if (!read.ok) return focusFirstError(form.current)
    void run('noteClimate', read.value).then((written) => written && setTyped(null))
  }
  return (
    <section aria-labelledby="room">
      <h2 id="room" className="font-display text-2xl font-semibold">
        The room
      </h2>
      <p className="text-soft">Every clock follows it from the minute you change it.</p>
      <form
        ref={form}
        noValidate
        className="mt-3 flex flex-wrap items-start gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          save()
        }}
      >
        <div className="w-44">
          <TextField
            label="Temperature"
            unit="°C"
            inputMode="decimal"
            value={celsius}
            error={errors.celsius}
            onChange={(event) => setCelsius(event.target.value)}
          />
        </div>
        <div className="w-44">
          <TextField
            label="Relative humidity"
            unit="%"
            inputMode="decimal"
            value={humidity}
            error={errors.humidity}
            onChange={(event) => setHumidity(event.target.value)}
          />
        </div>
        <Button type="submit" look="act" className="mt-6">
          Set the room
        </Button>
      </form>
    </section>
  )
}

function SessionsSection() {
  const { sessions: now = null } = useProject()
  /** The times that the form began with, and those it saved last: any others are another tab’s. */
  const [first, setFirst] = useState(now)
  const [saved, setSaved] = useState(now)
  const [begun, setBegun] = useState(0)
  const takeThose = () => {
    setFirst(now)
    setBegun(begun + 1)
  }
  return (
    <section aria-labelledby="sessions">
      <h2 id="sessions" className="font-display text-2xl font-semibold">
        When you are at the bench
      </h2>
      {!sameValue(now, first) && !sameValue(now, saved) && (
        <p role="alert" className="mb-2 border-l-4 border-risk pl-3">
          These times were changed elsewhere since. Saving writes yours over them.{' '}
          <button type="button" className="min-h-8 text-act underline" onClick={takeThose}>
            Take those
          </button>
        </p>
      )}
      <SessionsForm key={begun} before={now} onSave={setSaved} />
    </section>
  )
}

function SessionsForm({
  before,
  onSave,
}: {
  before: Sessions | null
  onSave: (sessions: Sessions) => void
}) {
  const run = useRun()
  const draft = useSessionsDraft(before)
  const form = useRef<HTMLFormElement>(null)
  const save = () => {
    const sessions = draft.read()
    if (!sessions) return focusFirstError(form.current)
    onSave(sessions)
    void run('setSessions', sessions, 'Changed when you are at the bench')
  }
  return (
    <form
      ref={form}
      noValidate
      onSubmit={(event) => {
        event.preventDefault()
        save()
      }}
    >
      <SessionsFields draft={draft} />
      <Button type="submit" look="act" className="mt-3">
        Save these times
      </Button>
    </form>
  )
}

const THEMES = [
  { value: 'light', say: 'Light' },
  { value: 'dark', say: 'Dark' },
  { value: 'system', say: 'As the system' },
] as const

function ThemeSection() {
  const [theme, setTheme] = useState('system')
  useEffect(() => setTheme(localStorage.getItem('tectoria-theme') ?? 'system'), [])
  const choose = (next: string) => {
    if (next === '') return
    setTheme(next)
    const dark = matchMedia('(prefers-color-scheme: dark)').matches
    if (next === 'system') localStorage.removeItem('tectoria-theme')
    else localStorage.setItem('tectoria-theme', next)
    document.documentElement.dataset.theme = next === 'system' ? (dark ? 'dark' : 'light') : next
  }
  return (
    <section aria-labelledby="theme">
      <h2 id="theme" className="font-display text-2xl font-semibold">
        Theme
      </h2>
      <ToggleGroup.Root
        type="single"
        aria-labelledby="theme"
        value={theme}
        onValueChange={choose}
        className="mt-3 flex"
      >
        {THEMES.map(({ value, say }) => (
          <ToggleGroup.Item
            key={value}
            value={value}
            className="key ml-px first:ml-0 min-h-11 px-4"
          >
            {say}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </section>
  )
}
