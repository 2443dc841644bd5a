import type { Climate } from '../model/climate'
import { type ClockPoint, clockMinutes, type DryingFilm } from './clock'

/**
 * The climate over time: each piece holds from its minute until the next one begins, the last for ever, the first
 * also before its minute. At least one piece, in order of time.
 */
export type ClimateSeries = readonly { from: number; climate: Climate }[]

/**
 * How far a film has come to a point after drying from one minute to another: ∫ dt / t(T(t), RH(t)).
 *
 * @param start minute of the last coat
 * @param until minute to judge at; before `start` counts as nothing
 * @returns 0 at the start, 1 when the point is reached, above 1 after it; null when it is never reached
 * @throws RangeError if the series is empty
 * Source: handbook 3.2, changing conditions.
 */
export function progress(
  film: DryingFilm,
  point: ClockPoint,
  start: number,
  until: number,
  series: ClimateSeries,
): number | null {
  let done = 0
  for (let i = pieceAt(series, start); i < series.length; i++) {
    const piece = series[i] as ClimateSeries[number]
    const to = series[i + 1]?.from ?? Number.POSITIVE_INFINITY
    const total = clockMinutes(film, point, piece.climate)
    if (total === null) return null
    if (total === 0) return 1
    if (total === Number.POSITIVE_INFINITY) return 0
    const from = i === 0 ? start : Math.max(piece.from, start)
    const end = Math.min(to, until)
    if (end > from) done += (end - from) / total
    if (to >= until) break
  }
  return done
}

/**
 * The minute at which a film reaches a point.
 *
 * @param start minute of the last coat
 * @returns null when it never does; Infinity for a window that never closes
 * @throws RangeError if the series is empty
 * Source: handbook 3.2, changing conditions.
 */
export function reachedAt(
  film: DryingFilm,
  point: ClockPoint,
  start: number,
  series: ClimateSeries,
): number | null {
  let left = 1
  for (let i = pieceAt(series, start); i < series.length; i++) {
    const piece = series[i] as ClimateSeries[number]
    const total = clockMinutes(film, point, piece.climate)
    if (total === null) return null
    const from = i === 0 ? start : Math.max(piece.from, start)
    const to = series[i + 1]?.from ?? Number.POSITIVE_INFINITY
    const here = (to - from) / total
    if (total === 0 || here >= left) return from + left * total
    left -= here
  }
  return Number.POSITIVE_INFINITY
}

/** Number of the piece that a minute lies in; the first also holds before its own minute. */
function pieceAt(series: ClimateSeries, minute: number): number {
  if (series.length === 0) throw new RangeError('a climate series has at least one piece')
  let low = 0
  let high = series.length - 1
  while (low < high) {
    const mid = (low + high + 1) >> 1
    if ((series[mid] as ClimateSeries[number]).from <= minute) low = mid
    else high = mid - 1
  }
  return low
}
