import { DateTime } from 'luxon'
import { DAYS, type Sessions } from '../model/sessions'
import { mergeIntervals } from './intervals'
import type { Interval } from './problem'

/** A bench session in instants, epoch milliseconds. */
export type Session = { from: number; to: number }

/** An instant at a local time of a day; 24:00 is the next midnight. A time that daylight saving skips moves on with the clocks. */
function localTime(day: DateTime, clock: string): DateTime {
  const [hour = 0, minute = 0] = clock.split(':').map(Number)
  return hour === 24
    ? day.plus({ days: 1 }).startOf('day')
    : day.set({ hour, minute, second: 0, millisecond: 0 })
}

/** The end of a span that begins on a day; one that is no later than its beginning lies on the next. */
function endOf(day: DateTime, from: string, to: string): DateTime {
  return localTime(to > from ? day : day.plus({ days: 1 }), to)
}

/** The local days from one instant to another, both included, as their midnights; one more before, for what runs past midnight. */
function daysBetween(from: number, to: number, zone: string): DateTime[] {
  const days: DateTime[] = []
  let day = DateTime.fromMillis(from, { zone }).startOf('day').minus({ days: 1 })
  const last = DateTime.fromMillis(to, { zone })
  while (day <= last) {
    days.push(day)
    day = day.plus({ days: 1 })
  }
  return days
}

/**
 * The sessions between two instants: the weekly pattern, and what exceptions change of it. In order, merged where they
 * touch, cut to the span. Local time; daylight saving is respected.
 *
 * Source: handbook 7.1.
 */
export function sessionsBetween(sessions: Sessions, from: number, to: number): Session[] {
  const spans = daysBetween(from, to, sessions.zone).flatMap((day): Interval[] => {
    const date = day.toISODate()
    const exceptions = (sessions.exceptions ?? []).filter((exception) => exception.date === date)
    const name = DAYS[day.weekday - 1]
    const times =
      exceptions.length > 0
        ? exceptions.filter((exception) => !exception.off)
        : sessions.pattern.filter((weekly) => weekly.day === name)
    const extra = (sessions.extra ?? []).filter((evening) => evening.date === date)
    return [...times, ...extra].flatMap((one): Interval[] =>
      one.from && one.to
        ? [[localTime(day, one.from).toMillis(), endOf(day, one.from, one.to).toMillis()]]
        : [],
    )
  })
  return cut(spans, from, to)
}

/** The quiet hours between two instants, and those without power, in order. Source: handbook 7.1. */
export function quietBetween(sessions: Sessions, from: number, to: number): Session[] {
  const { quiet, outages = [] } = sessions
  const dark = outages.map((outage): Interval => [Date.parse(outage.from), Date.parse(outage.to)])
  if (!quiet) return cut(dark, from, to)
  const spans = daysBetween(from, to, sessions.zone).map((day): Interval => {
    const begin = localTime(day, quiet.from)
    return [begin.toMillis(), endOf(day, quiet.from, quiet.to).toMillis()]
  })
  return cut([...spans, ...dark], from, to)
}

function cut(spans: readonly Interval[], from: number, to: number): Session[] {
  return mergeIntervals(spans)
    .map(([a, b]) => ({ from: Math.max(a, from), to: Math.min(b, to) }))
    .filter((one) => one.to > one.from)
}

/** Instants as whole minutes from a zero: starts rounded up, ends down, so that nothing grows. */
export function minutesFrom(zero: number, spans: readonly Session[]): Interval[] {
  return spans
    .map(
      ({ from, to }): Interval => [
        Math.ceil((from - zero) / 60_000),
        Math.floor((to - zero) / 60_000),
      ],
    )
    .filter(([a, b]) => b > a)
}
