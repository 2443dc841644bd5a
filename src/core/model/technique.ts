import * as v from 'valibot'
import { idField, nameField } from './fields'
import { formatProblem, type Parsed, parse } from './input'
import { actsField } from './sequence'

/** The format of one technique of the modeller's own. Described in docs/formats.md. */
export const TECHNIQUE_FORMAT = 'tectoria-technique'

/** The version that is written. */
export const TECHNIQUE_VERSION = 1

/** A technique that the modeller saved from the steps of a build. */
export const ownTechniqueSchema = v.looseObject({
  id: idField,
  name: nameField,
  purpose: v.optional(v.pipe(v.string(), v.maxLength(400, 'a purpose of up to 400 characters'))),
  steps: actsField(60),
})

/** A technique of the modeller's own. */
export type OwnTechnique = v.InferOutput<typeof ownTechniqueSchema>

/** Techniques of one's own as a file. Source: docs/formats.md. */
export const techniqueFileSchema = v.looseObject({
  format: v.literal(TECHNIQUE_FORMAT),
  version: v.literal(TECHNIQUE_VERSION),
  technique: ownTechniqueSchema,
})

/** Reads a technique from outside. */
export function parseTechnique(value: unknown): Parsed<OwnTechnique> {
  const problem = formatProblem(value, TECHNIQUE_FORMAT, TECHNIQUE_VERSION)
  if (problem) return { ok: false, problems: [problem] }
  const parsed = parse(techniqueFileSchema, value)
  return parsed.ok ? { ok: true, value: parsed.value.technique } : parsed
}
