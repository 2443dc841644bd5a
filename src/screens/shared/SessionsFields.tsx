'use client'

import { useState } from 'react'
import { parse } from '@/core/model/input'
import { DAYS, type Sessions, sessionsSchema } from '@/core/model/sessions'
import { Button } from '@/ui/Button'
import { sayProblem } from './forms'

const DAY_NAMES = {
  mon: 'Monday',
  tue: 'Tuesday',
  wed: 'Wednesday',
  thu: 'Thursday',
  fri: 'Friday',
  sat: 'Saturday',
  sun: 'Sunday',
} as const

type Row = { key: number; day: (typeof DAYS)[number]; from: string; to: string }
type Away = { key: number; date: string; days: number }
type Extra = { key: number; date: string; from: string; to: string }

const DAY = 86_400_000

function isoDay(at: number): string {
  return new Date(at).toISOString().slice(0, 10)
}

/** Days that follow one another, as one time away. */
function spellsOf(dates: readonly string[]): Away[] {
  const spells: Away[] = []
  for (const date of [...dates].sort()) {
    const last = spells.at(-1)
    if (last && isoDay(Date.parse(last.date) + last.days * DAY) === date) last.days += 1
    else spells.push({ key: spells.length, date, days: 1 })
  }
  return spells
}

/** The days of a time away; a date that is none is kept, to be told. */
function daysOf({ date, days }: Away): string[] {
  const first = Date.parse(date)
  if (!Number.isFinite(first)) return [date]
  return Array.from({ length: days }, (_, i) => isoDay(first + i * DAY))
}

function clampDays(text: string): number {
  return Math.min(60, Math.max(1, Math.floor(Number(text)) || 1))
}

/** What a new modeller most likely means: two evenings and a Saturday. */
const USUAL: Sessions = {
  zone: 'UTC',
  pattern: [
    { day: 'tue', from: '19:00', to: '21:30' },
    { day: 'thu', from: '19:00', to: '21:30' },
    { day: 'sat', from: '10:00', to: '16:00' },
  ],
  exceptions: [],
  quiet: { from: '22:00', to: '08:00' },
}

/** A week of sessions as it is being typed, and its reading. */
export function useSessionsDraft(before: Sessions | null) {
  const begin = before ?? USUAL
  const [rows, setRows] = useState<Row[]>(() =>
    begin.pattern.map((weekly, key) => ({
      key,
      day: weekly.day,
      from: weekly.from,
      to: weekly.to,
    })),
  )
  const [quiet, setQuiet] = useState({ from: begin.quiet?.from ?? '', to: begin.quiet?.to ?? '' })
  const [away, setAway] = useState<Away[]>(() =>
    spellsOf(
      (begin.exceptions ?? []).flatMap((exception) => (exception.off ? [exception.date] : [])),
    ),
  )
  const [extra, setExtra] = useState<Extra[]>(() =>
    (begin.extra ?? []).map(({ date, from, to }, key) => ({ key, date, from, to })),
  )
  const [errors, setErrors] = useState<Record<string, string>>({})
  const read = (): Sessions | null => {
    const kept = (begin.exceptions ?? []).filter((exception) => !exception.off)
    const parsed = parse(sessionsSchema, {
      ...begin,
      zone: before?.zone ?? Intl.DateTimeFormat().resolvedOptions().timeZone,
      pattern: rows.map(({ day, from, to }) => ({ day, from, to })),
      exceptions: [...kept, ...away.flatMap(daysOf).map((date) => ({ date, off: true }))],
      extra: extra.length > 0 ? extra.map(({ key, ...evening }) => evening) : undefined,
      quiet: quiet.from === '' && quiet.to === '' ? null : quiet,
    })
    const found: Record<string, string> = {}
    if (!parsed.ok)
      for (const problem of parsed.problems)
        found[problem.path.replace(/\.(date|from|to)$/, '')] ??= sayProblem(problem)
    if (rows.length === 0) found.pattern = 'Found nothing, expected at least one session a week'
    setErrors(found)
    return parsed.ok && rows.length > 0 ? parsed.value : null
  }
  return { rows, setRows, quiet, setQuiet, away, setAway, extra, setExtra, errors, read }
}

const CONTROL =
  'min-h-11 rounded-tool border-2 border-strong bg-raised px-2 aria-[invalid=true]:border-stop'

/** The weekly pattern, quiet hours and days away. */
export function SessionsFields({ draft }: { draft: ReturnType<typeof useSessionsDraft> }) {
  const { rows, setRows, quiet, setQuiet, away, setAway, errors } = draft
  const put = (key: number, fields: Partial<Row>) =>
    setRows(rows.map((row) => (row.key === key ? { ...row, ...fields } : row)))
  const nextKey = (list: readonly { key: number }[]) =>
    Math.max(0, ...list.map((row) => row.key)) + 1
  return (
    <div className="mt-2 space-y-2">
      {rows.map((row, i) => {
        const error = errors[`pattern[${i}]`]
        return (
          <div key={row.key}>
            <div className="flex flex-wrap items-center gap-2">
              <select
                aria-label={`Day of session ${i + 1}`}
                className={CONTROL}
                value={row.day}
                onChange={(event) => put(row.key, { day: event.target.value as Row['day'] })}
              >
                {DAYS.map((day) => (
                  <option key={day} value={day}>
                    {DAY_NAMES[day]}
                  </option>
                ))}
              </select>
              <input
                type="time"
                aria-label={`Session ${i + 1} from`}
                aria-invalid={error ? true : undefined}
                className={CONTROL}
                value={row.from}
                onChange={(event) => put(row.key, { from: event.target.value })}
              />
              <span>to</span>
              <input
                type="time"
                aria-label={`Session ${i + 1} to`}
                aria-invalid={error ? true : undefined}
                className={CONTROL}
                value={row.to}
                onChange={(event) => put(row.key, { to: event.target.value })}
              />
              <Button onClick={() => setRows(rows.filter((otherRow) => otherRow.key !== row.key))}>
                Take out
              </Button>
            </div>
            {error && <p className="text-sm font-semibold text-stop">{error}</p>}
          </div>
        )
      })}
      {errors.pattern && <p className="text-sm font-semibold text-stop">{errors.pattern}</p>}
      <Button
        onClick={() =>
          setRows([...rows, { key: nextKey(rows), day: 'sun', from: '10:00', to: '12:00' }])
        }
      >
        Another session
      </Button>
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
      {away.map((day, i) => (
        <div key={day.key} className="flex flex-wrap items-center gap-2">
          <span>Away on</span>
          <input
            type="date"
            aria-label={`Day away ${i + 1}`}
            aria-invalid={errors.exceptions ? true : undefined}
            className={CONTROL}
            value={day.date}
            onChange={(event) =>
              setAway(away.map((a) => (a.key === day.key ? { ...a, date: event.target.value } : a)))
            }
          />
          <label className="flex items-center gap-2">
            for
            <input
              type="number"
              min={1}
              max={60}
              aria-label={`Days away ${i + 1}`}
              className={`${CONTROL} w-20`}
              value={day.days}
              onChange={(event) =>
                setAway(
                  away.map((a) =>
                    a.key === day.key ? { ...a, days: clampDays(event.target.value) } : a,
                  ),
                )
              }
            />
            {day.days === 1 ? 'day' : 'days'}
          </label>
          <Button onClick={() => setAway(away.filter((a) => a.key !== day.key))}>Take out</Button>
        </div>
      ))}
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
            draft.setExtra([
              ...draft.extra,
              { key: nextKey(draft.extra), date: '', from: '19:00', to: '21:00' },
            ])
          }
        >
          A session on a single day
        </Button>
      </div>
      <ExtraSessions draft={draft} />
    </div>
  )
}

/** Sessions beside the weekly ones. */
function ExtraSessions({ draft }: { draft: ReturnType<typeof useSessionsDraft> }) {
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
            Take out
          </Button>
        </div>
        {error && <p className="text-sm font-semibold text-stop">{error}</p>}
      </div>
    )
  })
}
