import { type ClockKey, DRYING, HEAT_CYCLE, type Lies, WETNESS } from '../knowledge/drying'
import { type DryingProcess, familyRow } from '../knowledge/families'
import type { Climate } from '../model/climate'
import { minutesOf } from '../model/duration'
import type { Product } from '../model/sequence'
import { type Coat, type Family, MILESTONES, type Milestone } from '../model/vocabulary'
import { retarderFactor, wetnessFactor } from './factors'
import { airFactor, airOf, type ClimateSeries, elapsedAt, minuteAfter } from './series'

/** Everything about a film that its clock depends on, the air apart. */
export type DryingFilm = {
  clock: ClockKey
  family: Family
  /** Water leaves it: humidity counts. */
  waterBorne: boolean
  /** As laid, first to last; at least one. */
  coats: readonly Coat[]
  /** How it lies: a groove full of wash dries otherwise than a face. Left out: over a face. */
  lies?: Lies | undefined
  /** Warm air that was blown over it when it was laid, s; left out: none. */
  warmAir?: number | undefined
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
  const own = GOES_WITH[point]
  const concerned =
    pace.factor >= 1 ? place(own) >= place(pace.point) : place(own) <= place(pace.point)
  return concerned ? pace.factor : 1
}

/** The milestone that a point goes with: windows open like the surface dries and close like the depth, a clear is polished as it cures. Source: handbook 3.2. */
const GOES_WITH: Record<ClockPoint, Milestone> = {
  flash: 'flash',
  touch: 'touch',
  workFrom: 'touch',
  recoat: 'recoat',
  latest: 'recoat',
  workTo: 'recoat',
  sand: 'sand',
  tape: 'tape',
  cured: 'cured',
  polish: 'cured',
}

function isWindow(point: ClockPoint): point is 'latest' | 'workTo' {
  return point === 'latest' || point === 'workTo'
}

/** The points a film's clock is asked for: the milestones, and the ends of its windows. */
export type ClockPoint = Milestone | 'latest' | 'workFrom' | 'workTo' | 'polish'

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
  if (point === 'workTo') return reworkOf(film) ?? row.workTo
  if (point === 'polish') return row.polish ?? referenceMinutes(film, 'cured')
  if (point === 'workFrom') return row.workFrom
  const own = film.product?.[point]
  if (own !== undefined) return minutesOf(own)
  if (row[point] !== null || point === 'latest') return row[point]
  if (point === 'flash') return row.touch
  return sheet(film, 'cured') ?? row.cured ?? sheet(film, 'recoat') ?? row.recoat
}

/** How long a product says that it can be worked, minutes; null: it doesn't. */
export function reworkOf({
  product,
  reworkHours,
}: Pick<DryingFilm, 'product' | 'reworkHours'>): number | null {
  if (product?.reworkMinutes !== undefined) return product.reworkMinutes
  return reworkHours === undefined ? null : reworkHours * 60
}

function sheet(film: DryingFilm, point: Milestone): number | null {
  const text = film.product?.[point]
  return text === undefined ? null : minutesOf(text)
}

/** What governs a point. Source: handbook 3.2. */
export function processOf(film: DryingFilm, point: ClockPoint): DryingProcess {
  const milestone = GOES_WITH[point]
  return isSurface(milestone) ? 'evaporation' : familyRow(film.family).processes[milestone]
}

function isSurface(milestone: Milestone): milestone is 'flash' | 'touch' {
  return milestone === 'flash' || milestone === 'touch'
}

/** Coats stretch what one waits for, and never the end of a window: that goes by the thinnest place. Source: handbook 3.2. */
function wettingOf({ coats, lies }: DryingFilm, point: ClockPoint): number {
  const factor = wetnessFactor(
    coats,
    isSurface(GOES_WITH[point]) ? 'surface' : 'depth',
    WETNESS[lies ?? 'face'],
  )
  return isWindow(point) ? Math.min(1, factor) : factor
}

/**
 * Minutes from the last coat to a point in the reference air: t_ref · f_W · f_R · k.
 *
 * @returns null when it is never reached, Infinity for a window that never closes: in any air
 */
function ownMinutes(film: DryingFilm, point: ClockPoint): number | null {
  const reference = referenceMinutes(film, point)
  if (reference === null || reference === 0 || reference === Number.POSITIVE_INFINITY)
    return reference
  if (isFlat(film, point)) return reference
  const cold =
    reference *
    wettingOf(film, point) *
    retarderFactor(processOf(film, point), film.retarder) *
    film.correction *
    paceFactor(film.pace, point)
  return film.warmAir === undefined ? cold : Math.max(LEAST_LEFT * cold, cold - savedBy(film))
}

/** However warm the air, so much of a time is left. */
const LEAST_LEFT = 0.05

/** Minutes of the reference air that warm air saves. Source: handbook 3.3, warm air. */
function savedBy(film: DryingFilm): number {
  const { warmed } = familyRow(film.family)
  if (!film.warmAir || !warmed) return 0
  const { warmAir, ...cold } = film
  const recoat = ownMinutes(cold, 'recoat') ?? ownMinutes(cold, 'touch') ?? 0
  return Math.min((warmAir / HEAT_CYCLE) * warmed.minutes, warmed.most * recoat)
}

/** Is it clock time, which neither coats nor air change? */
function isFlat({ clock }: DryingFilm, point: ClockPoint): boolean {
  return isWindow(point) && DRYING[clock].flat
}

/**
 * Minutes from the last coat to a point at a constant climate: t_ref · f_T · f_H · f_W · f_R · f_A · k.
 *
 * @returns null when it is never reached, Infinity for a window that never closes
 * Source: handbook 3.2.
 */
export function clockMinutes(film: DryingFilm, point: ClockPoint, climate: Climate): number | null {
  const own = ownMinutes(film, point)
  if (own === null || isFlat(film, point)) return own
  return own * airFactor(processOf(film, point), film.waterBorne, climate)
}

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
  const own = ownMinutes(film, point)
  if (own === null) return null
  if (own === 0) return 1
  if (until <= start) return 0
  if (isFlat(film, point)) return (until - start) / own
  const air = airOf(series, processOf(film, point), film.waterBorne)
  return (elapsedAt(air, until) - elapsedAt(air, start)) / own
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
  const own = ownMinutes(film, point)
  if (own === null || own === Number.POSITIVE_INFINITY) return own
  if (own === 0) return start
  if (isFlat(film, point)) return start + own
  return minuteAfter(airOf(series, processOf(film, point), film.waterBorne), start, own)
}
