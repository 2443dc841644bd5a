import * as v from 'valibot'
import { changeClimate, REFERENCE_CLIMATE } from '../model/climate'
import { climateSchema } from '../model/climateSchema'
import { isoDuration } from '../model/duration'
import { formatProblem, type Parsed, parse } from '../model/input'
import { SUBSTRATES } from '../model/vocabulary'
import { explain } from '../stack/questions/explain'
import { filmSchema, filmStep } from './filmStep'

/** A question about a film over another. Source: docs/formats.md. */
export const explainSchema = v.looseObject({
  format: v.literal('tectoria-explain'),
  version: v.literal(1),
  /** What lies there. */
  on: filmSchema,
  /** What is to go on it. */
  put: filmSchema,
  substrate: v.optional(v.picklist(SUBSTRATES)),
  climate: v.optional(climateSchema),
})

/** A question about two films that was read. */
export type ExplainRequest = v.InferOutput<typeof explainSchema>

/** Reads a question about two films. */
export function readExplain(value: unknown): Parsed<ExplainRequest> {
  const problem = formatProblem(value, 'tectoria-explain', 1)
  return problem ? { ok: false, problems: [problem] } : parse(explainSchema, value)
}

/** The answer of `explain`: may it go on, from when, until when, and what takes it off. Source: docs/formats.md. */
export function explainAnswer(request: ExplainRequest) {
  const substrate = request.substrate ?? 'polystyrene'
  const climate = changeClimate(REFERENCE_CLIMATE, request.climate)
  const found = explain(filmStep(request.on), filmStep(request.put), substrate, climate)
  return {
    format: 'tectoria-explain-answer',
    version: 1,
    answer: found.answer,
    from: found.from === null ? null : isoDuration(found.from),
    latest: found.latest === null ? null : isoDuration(found.latest),
    moments: found.moments.map(({ after, ...rest }) => ({ after: isoDuration(after), ...rest })),
    cleansUp: found.cleansUp.map(({ until, ...way }) => ({
      ...way,
      until: until === null ? null : isoDuration(until),
    })),
    shields: found.shields,
    substrate: { id: substrate, findings: found.substrate },
  } as const
}
