import { isoDuration, sayDuration, writeDuration } from '../model/duration'
import type { Parsed } from '../model/input'
import { parseSequence, type Sequence } from '../model/sequence'
import { check } from '../stack/check'
import { stepProblems } from './stepProblems'

/** Reads a sequence file: the format, and what its acts must say and may. */
export function readSequence(value: unknown): Parsed<Sequence> {
  const parsed = parseSequence(value)
  if (!parsed.ok) return parsed
  const problems = stepProblems(parsed.value.steps)
  return problems.length > 0 ? { ok: false, problems } : parsed
}

/** The answer of `check`. Source: docs/formats.md. */
export function checkAnswer(sequence: Sequence) {
  const found = check(sequence)
  return {
    format: 'tectoria-check',
    version: 1,
    verdict: found.verdict,
    findings: found.findings,
    timeline: found.timeline.map((entry) => ({
      ...entry,
      from: isoDuration(entry.from),
      to: isoDuration(entry.to),
    })),
    total: isoDuration(found.total),
    ...(sequence.waits === 'auto'
      ? {
          waits: found.waits.map(({ before, minutes, because }) => ({
            before,
            wait: writeDuration(minutes),
            because: `${because} Wait ${sayDuration(minutes)}.`,
          })),
        }
      : {}),
  } as const
}
