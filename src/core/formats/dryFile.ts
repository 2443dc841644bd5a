import * as v from 'valibot'
import { type ClockPoint, clockMinutes, dewPoint, limitBreaches } from '../drying'
import { changeClimate, climateSchema, REFERENCE_CLIMATE } from '../model/climate'
import { isoDuration } from '../model/duration'
import { formatProblem, type Parsed, parse } from '../model/input'
import { MILESTONES } from '../model/vocabulary'
import { workOf } from '../stack'
import { filmSchema, filmStep } from './filmStep'

export const drySchema = v.looseObject({
  format: v.literal('tectoria-dry'),
  version: v.literal(1),
  film: filmSchema,
  climate: v.optional(climateSchema),
})
export type DryRequest = v.InferOutput<typeof drySchema>

/** Reads a film and climate. */
export function readDry(value: unknown): Parsed<DryRequest> {
  const problem = formatProblem(value, 'tectoria-dry', 1)
  return problem ? { ok: false, problems: [problem] } : parse(drySchema, value)
}

/** The answer of `dry`: every milestone from the last coat, at the climate given. Source: handbook 3.1, 3.2. */
export function dryAnswer(request: DryRequest) {
  const climate = changeClimate(REFERENCE_CLIMATE, request.climate)
  const work = workOf({ tool: 'airbrush', ...filmStep(request.film) }, null)
  const film = work.drying
  if (!film || !work.family) throw new RangeError(`dry: ${request.film.family} is no film`)
  const at = (point: ClockPoint): string | null => {
    const minutes = clockMinutes(film, point, climate)
    return minutes === null || !Number.isFinite(minutes) ? null : isoDuration(minutes)
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
    dewPoint: Number.isFinite(dewPoint(climate.celsius, climate.humidity))
      ? Number(dewPoint(climate.celsius, climate.humidity).toFixed(1))
      : null,
    limits: limitBreaches(
      {
        family: work.family,
        role: work.role,
        tool: work.tool,
        retarder: request.film.retarder ?? 0,
      },
      climate,
    ),
  } as const
}
