import * as v from 'valibot'
import { type ClockPoint, clockMinutes, dewPoint, limitBreaches } from '../drying'
import { changeClimate, climateSchema, REFERENCE_CLIMATE } from '../model/climate'
import { isoDuration } from '../model/duration'
import { ranged } from '../model/fields'
import { formatProblem, type Parsed, parse } from '../model/input'
import { type ActStep, productSchema } from '../model/sequence'
import { type Act, COATS, FAMILIES, MILESTONES, ROLES, TOOLS } from '../model/vocabulary'
import { workOf } from '../stack'

const filmSchema = v.looseObject({
  family: v.picklist(FAMILIES),
  role: v.optional(v.picklist(ROLES)),
  tool: v.optional(v.picklist(TOOLS)),
  coats: v.optional(
    v.pipe(
      v.array(v.picklist(COATS)),
      v.minLength(1, 'a list of 1 to 30 coats'),
      v.maxLength(30, 'a list of 1 to 30 coats'),
    ),
  ),
  retarder: v.optional(ranged(0, 50, 'percent')),
  thinning: v.optional(ranged(0, 1, '(share of the mix)')),
  reworkHours: v.optional(ranged(0, 24 * 60, 'hours')),
  product: v.optional(productSchema),
})

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

/** The act by which a film of a role is laid, for what a film leaves out. */
const ROLE_ACT: Partial<Record<(typeof ROLES)[number], Act>> = {
  primer: 'prime',
  clear: 'clear',
  'clear-colour': 'clear-colour',
  metal: 'metal',
  wash: 'line',
  filter: 'filter',
  oil: 'oil-dots',
  release: 'release',
  decal: 'decal',
  pigment: 'powder-fix',
  texture: 'mud',
}

const FAMILY_ROLE: Partial<Record<(typeof FAMILIES)[number], (typeof ROLES)[number]>> = {
  'enamel-wash': 'wash',
  'water-wash': 'wash',
  oil: 'oil',
  release: 'release',
  pigment: 'pigment',
  decal: 'decal',
  texture: 'texture',
}

/** The answer of `dry`: every milestone from the last coat, at the climate given. Source: handbook 3.1, 3.2. */
export function dryAnswer(request: DryRequest) {
  const climate = changeClimate(REFERENCE_CLIMATE, request.climate)
  const role = request.film.role ?? FAMILY_ROLE[request.film.family] ?? 'colour'
  const step: ActStep = { tool: 'airbrush', ...request.film, role, do: ROLE_ACT[role] ?? 'base' }
  const work = workOf(step, null)
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
      { family: work.family, role: work.role, tool: work.tool, retarder: step.retarder ?? 0 },
      climate,
    ),
  } as const
}
