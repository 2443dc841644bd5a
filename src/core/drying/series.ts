import type { DryingProcess } from '../knowledge/families'
import type { Climate } from '../model/climate'
import { AIR_FACTOR, humidityFactor, temperatureFactor } from './airFactors'

/**
 * The climate over time: each piece holds from its minute until the next one begins, the last for ever, the first
 * also before its minute. At least one piece, in order of time.
 */
export type ClimateSeries = readonly ClimatePiece[]

/** One climate, from a minute on. */
export type ClimatePiece = { from: number; climate: Climate }

/** Number of the piece that a minute lies in; the first also holds before its own minute. */
function pieceAt(series: ClimateSeries, minute: number): number {
  if (series.length === 0) throw new RangeError('a climate series has at least one piece')
  let low = 0
  let high = series.length - 1
  while (low < high) {
    const mid = (low + high + 1) >> 1
    if ((series[mid] as ClimatePiece).from <= minute) low = mid
    else high = mid - 1
  }
  return low
}

/** The air at a minute. @throws RangeError if the series is empty */
export function airAt(series: ClimateSeries, minute: number): Climate {
  return (series[pieceAt(series, minute)] as ClimatePiece).climate
}

/** The pieces that hold between two minutes, with their own beginnings, and when the next one begins. */
export function piecesBetween(
  series: ClimateSeries,
  from: number,
  until: number,
): (ClimatePiece & { to: number })[] {
  const pieces: (ClimatePiece & { to: number })[] = []
  for (let i = pieceAt(series, from); i < series.length; i++) {
    const piece = series[i] as ClimatePiece
    if (piece.from >= until) break
    pieces.push({ ...piece, to: series[i + 1]?.from ?? Number.POSITIVE_INFINITY })
  }
  return pieces
}

/** A kind of drying: what governs it, and whether humidity counts. */
type Kind = number
const KINDS = { evaporation: 0, coalescence: 1, chemical: 2 } as const satisfies Record<
  DryingProcess,
  Kind
>
const COUNT = 6
const kindOf = (process: DryingProcess, waterBorne: boolean): Kind =>
  KINDS[process] + (waterBorne ? 3 : 0)

/** Factors that were reckoned, by the air they are of. */
const factorsOf = new WeakMap<Climate, Float64Array>()

/** How much slower a film dries in an air than in the reference air: f_T · f_H · f_A. Source: handbook 3.2. */
export function airFactor(process: DryingProcess, waterBorne: boolean, climate: Climate): number {
  const factors = factorsOf.get(climate) ?? new Float64Array(COUNT)
  if (!factorsOf.has(climate)) factorsOf.set(climate, factors)
  const kind = kindOf(process, waterBorne)
  factors[kind] ||=
    temperatureFactor(process, climate.celsius) *
    humidityFactor(waterBorne, climate.humidity) *
    AIR_FACTOR[climate.air]
  return factors[kind] as number
}

/** The air as films of one kind feel it. */
export type FeltAir = {
  series: ClimateSeries
  /** Factor of each piece. */
  factors: Float64Array
  /** Minutes of the reference air that have gone by when each piece begins, from the first one on. */
  elapsed: Float64Array
}

const airsOf = new WeakMap<ClimateSeries, (FeltAir | undefined)[]>()

/** The air as films of a kind feel it: summed up once, so that how a film fares in months of readings is looked up. */
export function airOf(series: ClimateSeries, process: DryingProcess, waterBorne: boolean): FeltAir {
  const airs = airsOf.get(series) ?? []
  airsOf.set(series, airs)
  const kind = kindOf(process, waterBorne)
  const known = airs[kind]
  if (known) return known
  const factors = new Float64Array(series.length)
  const elapsed = new Float64Array(series.length)
  let sum = 0
  for (let i = 0; i < series.length; i++) {
    const { from, climate } = series[i] as ClimatePiece
    if (i > 0) sum += (from - (series[i - 1] as ClimatePiece).from) / (factors[i - 1] as number)
    elapsed[i] = sum
    factors[i] = airFactor(process, waterBorne, climate)
  }
  const air = { series, factors, elapsed }
  airs[kind] = air
  return air
}

/** Minutes of the reference air that have gone by at a minute, from the beginning of the first piece on. */
export function elapsedAt({ series, factors, elapsed }: FeltAir, minute: number): number {
  const i = pieceAt(series, minute)
  const since = minute - (series[i] as ClimatePiece).from
  return (elapsed[i] as number) + since / (factors[i] as number)
}

/** The minute at which so many minutes of the reference air have gone by since another. */
export function minuteAfter(air: FeltAir, start: number, own: number): number {
  const { series, factors, elapsed } = air
  const first = pieceAt(series, start)
  const here = start + own * (factors[first] as number)
  if (here <= (series[first + 1]?.from ?? Number.POSITIVE_INFINITY)) return here
  const wanted = elapsedAt(air, start) + own
  let low = first
  let high = series.length - 1
  while (low < high) {
    const mid = (low + high + 1) >> 1
    if ((elapsed[mid] as number) <= wanted) low = mid
    else high = mid - 1
  }
  const into = (wanted - (elapsed[low] as number)) * (factors[low] as number)
  return (series[low] as ClimatePiece).from + into
}
