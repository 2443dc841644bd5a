'use client'
import { useState } from 'react'
import { TIMER_KINDS, type Timer, timerSchema } from '@/core/model/bench'
import { type RunningTimer, runningTimers, TIMER_MINUTES } from '@/core/schedule'
import { useStock } from '@/state/hooks'
import { useRun } from '@/state/writing'
import { newId } from '@/store/newId'
import { Button } from '@/ui/Button'
import { cx } from '@/ui/cx'
import { SelectField, TextField } from '@/ui/Field'
import { clockTime, figures } from '@/ui/time'
import { numberOf, readForm } from '../shared/forms'
import { useNow } from '../shared/now'

const KIND_WORDS: Record<Timer['kind'], string> = {
  'pot-life': 'Pot life',
  'gassing-off': 'Gassing off',
  decal: 'Decal softens',
  release: 'Release coat',
  'warm-air': 'Warm air',
  shaking: 'Shaking a bottle',
  warming: 'Warming a bottle',
  other: 'Timer',
}

/** Clocks during which a bottle can't be used. */
const OF_BOTTLES: readonly Timer['kind'][] = ['shaking', 'warming']

/** Clocks of what is no film on a part: several at once, the next to end first. */
export function Timers() {
  const stock = useStock()
  const now = useNow()
  const [adding, setAdding] = useState(false)
  const timers = runningTimers(stock, now)
  return (
    <section aria-labelledby="timers" className="mt-8">
      <div className="flex items-center justify-between gap-3">
        <h2 id="timers" className="font-display text-xl font-semibold">
          Other clocks
        </h2>
        <Button aria-expanded={adding} onClick={() => setAdding(!adding)}>
          {adding ? 'Cancel' : 'Start a clock'}
        </Button>
      </div>
      {adding && <NewTimer onDone={() => setAdding(false)} />}
      {timers.length > 0 && (
        <ul className="mt-2 grid gap-x-6 sm:grid-cols-2">
          {timers.map((timer) => (
            <TimerRow key={timer.id} timer={timer} now={now} />
          ))}
        </ul>
      )}
    </section>
  )
}

function TimerRow({ timer, now }: { timer: RunningTimer; now: number }) {
  const run = useRun()
  const over = timer.to <= now
  const stop = () => void run('stopTimer', timer.id, timer.name)
  const share = Math.min(1, (now - timer.from) / Math.max(1, timer.to - timer.from))
  return (
    <li className="border-t border-rule py-2">
      <div className="flex items-center justify-between gap-3">
        <div className="min-w-0">
          <p className="truncate font-semibold">{timer.name}</p>
          <p className={cx('text-sm', over ? 'text-risk' : 'text-soft')}>
            {KIND_WORDS[timer.kind]} ·{' '}
            {over ? `over since ${clockTime(timer.to, now)}` : `until ${clockTime(timer.to, now)}`}
          </p>
        </div>
        <div className="flex shrink-0 items-center gap-3">
          {!over && <Left milliseconds={timer.to - now} />}
          {timer.own && (
            <Button onClick={stop} aria-label={`Stop ${timer.name}`}>
              Stop
            </Button>
          )}
        </div>
      </div>
      <div aria-hidden="true" className="mt-1.5 h-1 bg-sunk">
        <div
          className={cx('h-1', over ? 'bg-risk' : 'bg-act')}
          style={{ width: `${share * 100}%` }}
        />
      </div>
    </li>
  )
}

function Left({ milliseconds }: { milliseconds: number }) {
  return (
    <p className="flex items-baseline gap-1.5 text-2xl font-semibold whitespace-nowrap">
      {figures(milliseconds).map(({ value, unit }) => (
        <span key={unit}>
          {value}
          <span className="ml-0.5 text-base font-normal">{unit}</span>
        </span>
      ))}
    </p>
  )
}

function NewTimer({ onDone }: { onDone: () => void }) {
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
