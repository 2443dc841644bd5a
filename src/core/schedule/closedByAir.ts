import { mergeIntervals, subtractIntervals } from '../bench/intervals'
import type { Interval } from '../bench/problem'
import { limitBreaches } from '../drying/limits'
import { type ClimateSeries, piecesBetween } from '../drying/series'
import type { StepContext } from '../stack/state/stepContext'

/** Hours in which an act isn't begun, minutes of the bench, and what the air would do to it then. */
export type ClosedHours = { closed: Interval[]; closedBecause: string }

const DAY = 1440

/** A room whose days nobody knows is put off for so long: the weather may change. Minutes. */
const HOPE = 36 * 60

/**
 * When the air doesn't bear an act, as far as it is forecast: it is laid into other hours. Where no session ahead has air that it bears,
 * it is planned all the same and the judge says what is wrong.
 *
 * @param minutes that it takes in one go
 * @param zero minute of the walk that is minute 0 of the bench
 * @param availability when it can be done, the air apart, minutes of the bench
 * @returns null where there is nothing to keep it from
 * Source: handbook 3.3, 7.4.
 */
export function closedByAir(
  { series, resolved, step }: StepContext,
  minutes: number,
  zero: number,
  availability: readonly Interval[],
): ClosedHours | null {
  const { family, role, tool } = resolved
  if (!family || resolved.row.kind !== 'film') return null
  const laid = { family, role, tool, retarder: step.retarder ?? 0 }
  const breaches = piecesBetween(series, zero, Number.POSITIVE_INFINITY).map((piece) => ({
    piece,
    breach: limitBreaches(laid, piece.climate).find(({ severity }) => severity !== 'note'),
  }))
  const first = breaches.find(({ breach }) => breach)?.breach
  if (!first) return null
  const until = forecastEnd(series, zero)
  const closed = breaches.flatMap(({ piece, breach }): Interval[] => {
    const from = Math.max(piece.from - zero, 0)
    const to = Math.min(piece.to - zero, until)
    return breach && to > from ? [[Math.floor(from), Math.ceil(to)]] : []
  })
  const known = series.some(({ from }) => from > zero)
  const all = known ? [...closed, ...likeTheLastDay(closed, until, availability)] : closed
  const bears = subtractIntervals(availability, mergeIntervals(all)).some(
    ([from, to]) => to - from >= minutes,
  )
  return closed.length > 0 && (bears || !known)
    ? { closed: all, closedBecause: first.because }
    : null
}

/** What lies behind the forecast is like its last day. */
function likeTheLastDay(
  closed: readonly Interval[],
  until: number,
  availability: readonly Interval[],
): Interval[] {
  const last = subtractIntervals(closed, [[Number.NEGATIVE_INFINITY, until - DAY]])
  const end = availability.at(-1)?.[1] ?? until
  return Array.from({ length: Math.max(0, Math.ceil((end - until) / DAY)) }, (_, day) =>
    last.map(([from, to]): Interval => [from + (day + 1) * DAY, to + (day + 1) * DAY]),
  ).flat()
}

/** Until when the air ahead is more than a mean, minutes of the bench. */
function forecastEnd(series: ClimateSeries, zero: number): number {
  const last = series.at(-1)?.from ?? zero
  return last > zero ? last - zero : HOPE
}
