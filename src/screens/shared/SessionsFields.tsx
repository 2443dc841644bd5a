'use client'

import { DAYS } from '@/core/model/sessions'
import { Button } from '@/ui/Button'
import { clampDays, type Extra, nextKey, type Row, type SessionsDraft } from './sessionsDraft'
import { isSameZone, sayZone, zoneHere } from './sessionZone'

const DAY_NAMES = {
  mon: 'Monday',
  tue: 'Tuesday',
  wed: 'Wednesday',
  thu: 'Thursday',
  fri: 'Friday',
  sat: 'Saturday',
  sun: 'Sunday',
} as const

const CONTROL = 'control min-h-11 px-2'

/** The weekly pattern, quiet hours and days away. */
export function SessionsFields({ draft }: { draft: SessionsDraft }) {
  const { rows, setRows, away, setAway, extra, setExtra, errors } = draft
  return (
    <div className="mt-2 space-y-2">
      <Zone draft={draft} />
      {rows.map((row, i) => (
        <WeeklySession key={row.key} row={row} at={i} draft={draft} />
      ))}
      {errors.pattern && <p className="text-sm font-semibold text-stop">{errors.pattern}</p>}
      <Button
        onClick={() =>
          setRows([...rows, { key: nextKey(rows), day: 'sun', from: '10:00', to: '12:00' }])
        }
      >
        Another session
      </Button>
      <QuietHours draft={draft} />
      <TimesAway draft={draft} />
      <div className="flex flex-wrap gap-2">
        <Button
          look="quiet"
          onClick={() => setAway([...away, { key: nextKey(away), date: '', days: 1 }])}
        >
          Time away
        </Button>
        <Button
          look="quiet"
          onClick={() =>
            setExtra([...extra, { key: nextKey(extra), date: '', from: '19:00', to: '21:00' }])
          }
        >
          A session on a single day
        </Button>
      </div>
      <ExtraSessions draft={draft} />
    </div>
  )
}

/** Whose clocks the times go by, where they aren't this browser's. */
function Zone({ draft: { zone, setZone } }: { draft: SessionsDraft }) {
  const here = zoneHere()
  if (isSameZone(zone, here, Date.now())) return null
  return (
    <p className="border-l-4 border-rule pl-3">
      These are times of <b>{sayZone(zone)}</b>; the clock here is that of {sayZone(here)}.{' '}
      <button type="button" className="min-h-8 text-act underline" onClick={() => setZone(here)}>
        Go by the clock here
      </button>
    </p>
  )
}

function WeeklySession({ row, at, draft }: { row: Row; at: number; draft: SessionsDraft }) {
  const { rows, setRows, errors } = draft
  const error = errors[`pattern[${at}]`]
  const put = (fields: Partial<Row>) =>
    setRows(rows.map((other) => (other.key === row.key ? { ...other, ...fields } : other)))
  return (
    <div>
      <div className="flex flex-wrap items-center gap-2">
        <select
          aria-label={`Day of session ${at + 1}`}
          className={CONTROL}
          value={row.day}
          onChange={(event) => put({ day: event.target.value as Row['day'] })}
        >
          {DAYS.map((day) => (
            <option key={day} value={day}>
              {DAY_NAMES[day]}
            </option>
          ))}
        </select>
        <input
          type="time"
          aria-label={`Session ${at + 1} from`}
          aria-invalid={error ? true : undefined}
          className={CONTROL}
          value={row.from}
          onChange={(event) => put({ from: event.target.value })}
        />
        <span>to</span>
        <input
          type="time"
          aria-label={`Session ${at + 1} to`}
          aria-invalid={error ? true : undefined}
          className={CONTROL}
          value={row.to}
          onChange={(event) => put({ to: event.target.value })}
        />
        <Button onClick={() => setRows(rows.filter((other) => other.key !== row.key))}>
          Remove
        </Button>
      </div>
      {error && <p className="text-sm font-semibold text-stop">{error}</p>}
    </div>
  )
}

function QuietHours({ draft }: { draft: SessionsDraft }) {
  const { quiet, setQuiet, errors } = draft
  return (
    <>
      <div className="flex flex-wrap items-center gap-2 pt-2">
        <span>No compressor and no sanding from</span>
        <input
          type="time"
          aria-label="Quiet from"
          aria-invalid={errors.quiet ? true : undefined}
          className={CONTROL}
          value={quiet.from}
          onChange={(event) => setQuiet({ ...quiet, from: event.target.value })}
        />
        <span>to</span>
        <input
          type="time"
          aria-label="Quiet to"
          aria-invalid={errors.quiet ? true : undefined}
          className={CONTROL}
          value={quiet.to}
          onChange={(event) => setQuiet({ ...quiet, to: event.target.value })}
        />
      </div>
      {errors.quiet && <p className="text-sm font-semibold text-stop">{errors.quiet}</p>}
      <NumberRow
        before="I sleep in that room: no solvents in the last"
        after="min of a session"
        value={draft.airMinutes}
        error={errors.airMinutes}
        onChange={draft.setAirMinutes}
      />
      <NumberRow
        before="Airbrushes, each with its own paint"
        usual="1"
        value={draft.airbrushes}
        error={errors.airbrushes}
        onChange={draft.setAirbrushes}
      />
      <NumberRow
        before="Places to dry in, in the box or on the rack"
        usual="enough"
        value={draft.dryingPlaces}
        error={errors.dryingPlaces}
        onChange={draft.setDryingPlaces}
      />
    </>
  )
}

/** A number in a sentence. */
function NumberRow({
  before,
  after,
  usual,
  value,
  error,
  onChange,
}: {
  before: string
  after?: string
  usual?: string
  value: string
  error: string | undefined
  onChange: (text: string) => void
}) {
  return (
    <>
      <label className="flex flex-wrap items-center gap-2 pt-2">
        {before}
        <input
          inputMode="numeric"
          placeholder={usual}
          aria-invalid={error ? true : undefined}
          className={`${CONTROL} w-24`}
          value={value}
          onChange={(event) => onChange(event.target.value)}
        />
        {after}
      </label>
      {error && <p className="text-sm font-semibold text-stop">{error}</p>}
    </>
  )
}

function TimesAway({ draft }: { draft: SessionsDraft }) {
  const { away, setAway, errors } = draft
  return away.map((spell, i) => {
    const put = (fields: Partial<typeof spell>) =>
      setAway(away.map((other) => (other.key === spell.key ? { ...other, ...fields } : other)))
    return (
      <div key={spell.key} className="flex flex-wrap items-center gap-2">
        <span>Away on</span>
        <input
          type="date"
          aria-label={`Day away ${i + 1}`}
          aria-invalid={errors.exceptions ? true : undefined}
          className={CONTROL}
          value={spell.date}
          onChange={(event) => put({ date: event.target.value })}
        />
        <label className="flex items-center gap-2">
          for
          <input
            type="number"
            min={1}
            max={60}
            aria-label={`Days away ${i + 1}`}
            className={`${CONTROL} w-20`}
            value={spell.days}
            onChange={(event) => put({ days: clampDays(event.target.value) })}
          />
          {spell.days === 1 ? 'day' : 'days'}
        </label>
        <Button onClick={() => setAway(away.filter((other) => other.key !== spell.key))}>
          Remove
        </Button>
      </div>
    )
  })
}

/** Sessions beside the weekly ones. */
function ExtraSessions({ draft }: { draft: SessionsDraft }) {
  const { extra, setExtra, errors } = draft
  const put = (key: number, fields: Partial<Extra>) =>
    setExtra(extra.map((evening) => (evening.key === key ? { ...evening, ...fields } : evening)))
  return extra.map((evening, i) => {
    const error = errors[`extra[${i}]`]
    return (
      <div key={evening.key}>
        <div className="flex flex-wrap items-center gap-2">
          {(['date', 'from', 'to'] as const).map((field) => (
            <input
              key={field}
              type={field === 'date' ? 'date' : 'time'}
              aria-label={`Single session ${i + 1} ${field === 'date' ? 'on' : field}`}
              aria-invalid={error ? true : undefined}
              className={CONTROL}
              value={evening[field]}
              onChange={(event) => put(evening.key, { [field]: event.target.value })}
            />
          ))}
          <Button onClick={() => setExtra(extra.filter((other) => other.key !== evening.key))}>
            Remove
          </Button>
        </div>
        {error && <p className="text-sm font-semibold text-stop">{error}</p>}
      </div>
    )
  })
}
