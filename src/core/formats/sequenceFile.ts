import type { Parsed } from '../model/input'
import { parseSequence, type Sequence } from '../model/sequence'
import { stepProblems } from './stepProblems'

/** Reads a sequence file: the format, and what its acts must say and may. */
export function readSequence(value: unknown): Parsed<Sequence> {
  const parsed = parseSequence(value)
  if (!parsed.ok) return parsed
  const problems = stepProblems(parsed.value.steps)
  return problems.length > 0 ? { ok: false, problems } : parsed
}
