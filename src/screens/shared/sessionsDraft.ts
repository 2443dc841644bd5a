import { useState } from 'react'
import { parse } from '@/core/model/input'
import { type DAYS, type Sessions, sessionsSchema } from '@/core/model/sessions'
import { numberOf } from './fieldText'
import { sayProblem } from './problemWords'
import { zoneHere } from './sessionZone'

/** A weekly session as it is typed. */
export type Row = { key: number; day: (typeof DAYS)[number]; from: string; to: string }
/** A time away as it is typed. */
export type Away = { key: number; date: string; days: number }
/** A session on a single day as it is typed. */
export type Extra = { key: number; date: string; from: string; to: string }

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

/** Days away as typed: 1 to 60. */
export function clampDays(text: string): number {
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
  const [airMinutes, setAirMinutes] = useState(begin.airMinutes?.toString() ?? '')
  const [airbrushes, setAirbrushes] = useState(begin.airbrushes?.toString() ?? '')
  const [dryingPlaces, setDryingPlaces] = useState(begin.dryingPlaces?.toString() ?? '')
  const [zone, setZone] = useState(before?.zone ?? zoneHere())
  const [errors, setErrors] = useState<Record<string, string>>({})
  const read = (): Sessions | null => {
    const kept = (begin.exceptions ?? []).filter((exception) => !exception.off)
    const parsed = parse(sessionsSchema, {
      ...begin,
      zone,
      pattern: rows.map(({ day, from, to }) => ({ day, from, to })),
      exceptions: [...kept, ...away.flatMap(daysOf).map((date) => ({ date, off: true }))],
      extra: extra.length > 0 ? extra.map(({ key, ...evening }) => evening) : undefined,
      quiet: quiet.from === '' && quiet.to === '' ? null : quiet,
      airMinutes: numberOf(airMinutes),
      airbrushes: numberOf(airbrushes),
      dryingPlaces: numberOf(dryingPlaces),
    })
    const found: Record<string, string> = {}
    if (!parsed.ok)
      for (const problem of parsed.problems)
        found[problem.path.replace(/\.(date|from|to)$/, '')] ??= sayProblem(problem)
    if (rows.length === 0) found.pattern = 'Enter at least one session a week'
    setErrors(found)
    return parsed.ok && rows.length > 0 ? parsed.value : null
  }
  const air = {
    airMinutes,
    setAirMinutes,
    airbrushes,
    setAirbrushes,
    dryingPlaces,
    setDryingPlaces,
  }
  return {
    zone,
    setZone,
    rows,
    setRows,
    quiet,
    setQuiet,
    ...air,
    away,
    setAway,
    extra,
    setExtra,
    errors,
    read,
  }
}

/** The times as they are being typed. */
export type SessionsDraft = ReturnType<typeof useSessionsDraft>

/** A key that no row of a list has. */
export function nextKey(list: readonly { key: number }[]): number {
  return Math.max(0, ...list.map(({ key }) => key)) + 1
}
