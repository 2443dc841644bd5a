import type { Parsed } from '../model/input'
import {
  type OwnTechnique,
  parseTechnique,
  TECHNIQUE_FORMAT,
  TECHNIQUE_VERSION,
} from '../model/technique'
import { stepProblems } from './stepProblems'

/** Reads a technique file: the format, and what its acts must say and may. */
export function readTechnique(value: unknown): Parsed<OwnTechnique> {
  const parsed = parseTechnique(value)
  if (!parsed.ok) return parsed
  const problems = stepProblems(parsed.value.steps, 'technique.steps')
  return problems.length > 0 ? { ok: false, problems } : parsed
}

/** A technique as the text of a file of its own. */
export function techniqueText(technique: OwnTechnique): string {
  return JSON.stringify(
    { format: TECHNIQUE_FORMAT, version: TECHNIQUE_VERSION, technique },
    null,
    2,
  )
}
