import * as v from 'valibot'
import { type ClockPoint, type DryingFilm, progress, reachedAt } from '../drying/clock'
import { dewPoint } from '../drying/dewPoint'
import { limitBreaches } from '../drying/limits'
import type { ClimateSeries } from '../drying/series'
import { familyRow } from '../knowledge/families'
import { climateReadingSchema } from '../model/bench'
import { changeClimate, REFERENCE_CLIMATE } from '../model/climate'
import { climateSchema } from '../model/climateSchema'
import { isoDuration } from '../model/duration'
import { instantField, ranged } from '../model/fields'
import { formatProblem, type Parsed, parse } from '../model/input'
import { zoneField } from '../model/sessions'
import { MILESTONES } from '../model/vocabulary'
import { climateSeries } from '../room/climateSeries'
import { roomOf } from '../room/room'
import { resolveStep } from '../stack/state/resolvedStep'
import { filmSchema, filmStep, type RequestedFilm } from './filmStep'

const MINUTE = 60_000

const readingsSchema = v.pipe(
  v.array(v.looseObject({ ...climateReadingSchema.entries, id: v.optional(v.string()) })),
  v.minLength(1, 'a list of at least one reading'),
)
const airSchema = v.lazy((input) =>
  Array.isArray(input) ? readingsSchema : climateSchema,
) as v.GenericSchema<
  unknown,
  v.InferOutput<typeof readingsSchema> | v.InferOutput<typeof climateSchema>
>

/** A film and the climate it dries in. Source: docs/formats.md. */
export const drySchema = v.looseObject({
  format: v.literal('tectoria-dry'),
  version: v.literal(1),
  film: filmSchema,
  /** The air: one climate, or readings of it over time. */
  climate: v.optional(airSchema),
  /** When the last coat was laid; the first reading unless said. Only with readings. */
  laidAt: v.optional(instantField),
  /** The instant that progress and what is left are told for; `laidAt` unless said. */
  now: v.optional(instantField),
  /** Time zone of the room's day, for what the readings don't cover; UTC unless said. */
  zone: v.optional(zoneField),
  /** The modeller's own factor, k. */
  correction: v.optional(ranged(0.25, 4)),
})

/** A drying request that was read. */
export type DryRequest = v.InferOutput<typeof drySchema>

/** Reads a film and climate. */
export function readDry(value: unknown): Parsed<DryRequest> {
  const problem = formatProblem(value, 'tectoria-dry', 1)
  return problem ? { ok: false, problems: [problem] } : parse(drySchema, value)
}

/** What dries of it: a powder by itself doesn't, its fixer does. */
function dryingFilm(film: RequestedFilm): RequestedFilm {
  return familyRow(film.family).powder && !film.act ? { ...film, role: 'fixer' } : film
}

/** The answer of `dry`: every milestone from the last coat, at the climate given or through its readings. Source: handbook 3.1, 3.2. */
export function dryAnswer(request: DryRequest) {
  const work = resolveStep({ tool: 'airbrush', ...filmStep(dryingFilm(request.film)) }, null)
  if (!work.drying || !work.family) throw new RangeError(`dry: ${request.film.family} is no film`)
  const film = { ...work.drying, correction: request.correction ?? 1 }
  const { climate, series, laidAt, now } = airOf(request)
  const dew = dewPoint(climate.celsius, climate.humidity)
  const minutesTo = (point: ClockPoint): number | null => {
    const minutes = reachedAt(film, point, 0, series)
    return minutes === null || !Number.isFinite(minutes) ? null : minutes
  }
  const at = (point: ClockPoint): string | null => {
    const minutes = minutesTo(point)
    return minutes === null ? null : isoDuration(minutes)
  }
  return {
    format: 'tectoria-dry-answer',
    version: 1,
    family: work.family,
    climate,
    milestones: Object.fromEntries(MILESTONES.map((milestone) => [milestone, at(milestone)])),
    latestRecoat: at('latest'),
    workFrom: at('workFrom'),
    workTo: at('workTo'),
    dewPoint: Number.isFinite(dew) ? Number(dew.toFixed(1)) : null,
    limits: limitBreaches(
      {
        family: work.family,
        role: work.role,
        tool: work.tool,
        retarder: request.film.retarder ?? 0,
      },
      climate,
    ),
    ...(laidAt === null ? {} : { clock: clockAnswer(film, series, laidAt, now, minutesTo) }),
  } as const
}

/** The air of a request: as it is now, and over time in minutes from the last coat. */
function airOf({ climate, laidAt, now, zone = 'UTC' }: DryRequest) {
  if (!Array.isArray(climate)) {
    const still = changeClimate(REFERENCE_CLIMATE, climate)
    return { climate: still, series: [{ from: 0, climate: still }], laidAt: null, now: 0 }
  }
  const first = climate.reduce(
    (least, reading) => Math.min(least, Date.parse(reading.at)),
    Number.POSITIVE_INFINITY,
  )
  const from = laidAt === undefined ? first : Date.parse(laidAt)
  const at = now === undefined ? from : Date.parse(now)
  const readings = climate.map((reading, i) => ({ ...reading, id: reading.id ?? String(i) }))
  const room = roomOf({ climate: readings, sessions: { zone, pattern: [] } })
  const series = sinceMinute(climateSeries(room, at), from / MINUTE)
  const minute = (at - from) / MINUTE
  const here = series.findLast((piece) => piece.from <= minute) ?? series[0]
  return { climate: here?.climate ?? REFERENCE_CLIMATE, series, laidAt: from, now: at }
}

/** A series in minutes from one of its minutes. */
function sinceMinute(series: ClimateSeries, from: number): ClimateSeries {
  const first = series.findLast((piece) => piece.from <= from) ?? series[0]
  const later = series.filter((piece) => piece.from > from)
  return [...(first ? [{ ...first, from }] : []), ...later].map((piece) => ({
    ...piece,
    from: Math.max(0, piece.from - from),
  }))
}

/** When each milestone is reached, what is left of it and how far the film has come, through the readings. */
function clockAnswer(
  film: DryingFilm,
  series: ClimateSeries,
  laidAt: number,
  now: number,
  minutesTo: (point: ClockPoint) => number | null,
) {
  return {
    laidAt: new Date(laidAt).toISOString(),
    now: new Date(now).toISOString(),
    milestones: Object.fromEntries(
      MILESTONES.map((milestone) => {
        const minutes = minutesTo(milestone)
        if (minutes === null) return [milestone, null]
        const at = laidAt + minutes * MINUTE
        const share = progress(film, milestone, 0, (now - laidAt) / MINUTE, series) ?? 0
        return [
          milestone,
          {
            at: new Date(Math.round(at)).toISOString(),
            remaining: isoDuration(Math.max(0, at - now) / MINUTE),
            progress: Math.min(1, Number(share.toFixed(4))),
          },
        ]
      }),
    ),
  }
}
