import { type ClockKey, DRYING } from '../knowledge/drying'
import { type DryingProcess, familyRow } from '../knowledge/families'
import type { Climate } from '../model/climate'
import { minutesOf } from '../model/duration'
import type { Product } from '../model/sequence'
import { type Coat, type Family, MILESTONES, type Milestone } from '../model/vocabulary'
import {
  AIR_FACTOR,
  humidityFactor,
  retarderFactor,
  temperatureFactor,
  wetnessFactor,
} from './factors'

/** Everything about a film that its clock depends on, the air apart. */
export type DryingFilm = {
  clock: ClockKey
  family: Family
  /** Water leaves it: humidity counts. */
  waterBorne: boolean
  /** As laid, first to last; at least one. */
  coats: readonly Coat[]
  /** Retarder in the mix, percent. */
  retarder: number
  /** The product's own figures where its sheet gives them. */
  product?: Product | undefined
  /** Rework window of that product, hours. */
  reworkHours?: number | undefined
  /** Working window that the way of use sets instead of the family's, reference minutes (a streak is dragged soon). */
  work?: { from: number; to: number } | undefined
  /** The modeller's own correction, 1 at first. Source: handbook 3.5. */
  correction: number
  /** What was seen of this very film, where that contradicts its clock. */
  pace?: Pace | undefined
}

/** A film was seen to be slower (factor above 1: that point and those after it) or quicker (below 1: up to that point). */
export type Pace = { point: Milestone; factor: number }

/** Factor of what was seen on one point: windows close with `recoat`. Source: handbook 3.5, 7.4. */
function paceFactor(pace: Pace | undefined, point: ClockPoint): number {
  if (!pace) return 1
  const place = (milestone: Milestone) => MILESTONES.indexOf(milestone)
  const own = point === 'workFrom' ? 'touch' : isWindow(point) ? 'recoat' : point
  const concerned =
    pace.factor >= 1 ? place(own) >= place(pace.point) : place(own) <= place(pace.point)
  return concerned ? pace.factor : 1
}

function isWindow(point: ClockPoint): point is 'latest' | 'workTo' {
  return point === 'latest' || point === 'workTo'
}

/** The points a film's clock is asked for: the milestones, and the ends of its windows. */
export type ClockPoint = Milestone | 'latest' | 'workFrom' | 'workTo'

/**
 * Reference minutes of one point: the product's figure, else the family's, else the fallback of handbook 3.1 (a dash
 * reads `cured`, else `recoat`; a dash for flash reads `touch`, since paint that can be touched can be coated).
 *
 * @returns null when the film never reaches it (watercolour never sets, a film without a latest time stays open);
 *   Infinity for a window that never closes
 */
export function referenceMinutes(film: DryingFilm, point: ClockPoint): number | null {
  const row = DRYING[film.clock]
  if (film.work && point === 'workFrom') return film.work.from
  if (film.work && point === 'workTo') return film.work.to
  if (point === 'workTo' && film.reworkHours !== undefined) return film.reworkHours * 60
  if (point === 'workFrom' || point === 'workTo') return row[point]
  const own = film.product?.[point]
  if (own !== undefined) return minutesOf(own)
  if (row[point] !== null || point === 'latest') return row[point]
  if (point === 'flash') return row.touch
  return sheet(film, 'cured') ?? row.cured ?? sheet(film, 'recoat') ?? row.recoat
}

function sheet(film: DryingFilm, point: Milestone): number | null {
  const text = film.product?.[point]
  return text === undefined ? null : minutesOf(text)
}

/** What governs a point: windows open like the surface dries and close like the depth. Source: handbook 3.2. */
export function processOf(film: DryingFilm, point: ClockPoint): DryingProcess {
  switch (point) {
    case 'flash':
    case 'touch':
    case 'workFrom':
      return 'evaporation'
    case 'latest':
    case 'workTo':
      return familyRow(film.family).processes.recoat
    default:
      return familyRow(film.family).processes[point]
  }
}

function isSurface(point: ClockPoint): boolean {
  return point === 'flash' || point === 'touch' || point === 'workFrom'
}

/**
 * Minutes from the last coat to a point at a constant climate: t_ref · f_T · f_H · f_W · f_R · f_A · k.
 *
 * @returns null when it is never reached, Infinity for a window that never closes
 * Source: handbook 3.2.
 */
export function clockMinutes(film: DryingFilm, point: ClockPoint, climate: Climate): number | null {
  const reference = referenceMinutes(film, point)
  if (reference === null || reference === 0 || reference === Number.POSITIVE_INFINITY)
    return reference
  const process = processOf(film, point)
  return (
    reference *
    temperatureFactor(process, climate.celsius) *
    humidityFactor(film.waterBorne, climate.humidity) *
    wetnessFactor(film.coats, isSurface(point) ? 'surface' : 'depth') *
    retarderFactor(process, film.retarder) *
    AIR_FACTOR[climate.air] *
    film.correction *
    paceFactor(film.pace, point)
  )
}

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
