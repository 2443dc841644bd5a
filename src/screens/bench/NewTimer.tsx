import { useState } from 'react'
import { TIMER_KINDS, type Timer, timerSchema } from '@/core/model/bench'
import { TIMER_MINUTES } from '@/core/schedule'
import { useStock } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import { SelectField, TextField } from '@/ui/Field'
import { numberOf } from '../shared/fieldText'
import { readForm } from '../shared/forms'
import { KIND_WORDS } from './timerWords'

/** Clocks during which a bottle can't be used. */
const OF_BOTTLES: readonly Timer['kind'][] = ['shaking', 'warming']

/** What a clock is for, and how long it runs. */
export function NewTimer({ onDone }: { onDone: () => void }) {
  const run = useRun()
  const shelf = useStock().project.shelf ?? []
  const [kind, setKind] = useState<Timer['kind']>('decal')
  const [name, setName] = useState('')
  const [minutes, setMinutes] = useState(String(TIMER_MINUTES.decal))
  const [bottle, setBottle] = useState('')
  const [errors, setErrors] = useState<Record<string, string>>({})
  const held = OF_BOTTLES.includes(kind) ? shelf.find(({ id }) => id === bottle) : undefined
  const usual = held?.name ?? KIND_WORDS[kind]
  const start = async () => {
    const id = newId()
    const read = readForm(timerSchema, {
      id,
      kind,
      name: name.trim() === '' ? usual : name.trim(),
      ...(held ? { bottle: held.id } : {}),
      startedAt: new Date().toISOString(),
      minutes: numberOf(minutes),
    })
    setErrors(read.ok ? {} : read.errors)
    if (!read.ok) return
    if (await run('startTimer', read.value, `${read.value.name}: ${read.value.minutes} min`))
      onDone()
  }
  return (
    <form
      noValidate
      className="mt-2 flex flex-wrap items-start gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        void start()
      }}
      onKeyDown={(event) => event.key === 'Escape' && onDone()}
    >
      <SelectField
        label="What for"
        value={kind}
        choices={TIMER_KINDS.map((value) => ({ value, say: KIND_WORDS[value] }))}
        onChange={(event) => {
          const next = event.target.value as Timer['kind']
          setKind(next)
          setMinutes(String(TIMER_MINUTES[next]))
        }}
      />
      {OF_BOTTLES.includes(kind) && (
        <div className="w-56">
          <SelectField
            label="Bottle"
            value={bottle}
            choices={[
              { value: '', say: 'Any' },
              ...shelf.map(({ id, name }) => ({ value: id, say: name })),
            ]}
            hint="Not planned to be used until it is done"
            onChange={(event) => setBottle(event.target.value)}
          />
        </div>
      )}
      <div className="w-56">
        <TextField
          label="Name"
          value={name}
          placeholder={usual}
          error={errors.name}
          onChange={(event) => setName(event.target.value)}
        />
      </div>
      <div className="w-32">
        <TextField
          label="Length"
          unit="min"
          inputMode="decimal"
          value={minutes}
          error={errors.minutes}
          onChange={(event) => setMinutes(event.target.value)}
        />
      </div>
      <Button type="submit" look="act" className="mt-6">
        Start
      </Button>
    </form>
  )
}
