import { actRow, laysClear } from '../knowledge/acts'
import { isoDuration, sayDuration, writeDuration } from '../model/duration'
import type { Parsed, Problem } from '../model/input'
import { isAct } from '../model/isAct'
import { parseSequence, type Sequence, type Step } from '../model/sequence'
import { FAMILIES, SHEENS } from '../model/vocabulary'
import { check } from '../stack/check'

/** What an act must say and doesn't: a family where there is no default, the sheen of a clear. */
export function missingFields(steps: readonly Step[], path = 'steps'): Problem[] {
  return steps.flatMap((step, i): Problem[] => {
    if (!isAct(step)) return []
    const row = actRow(step.do, step.family)
    const problems: Problem[] = []
    if (row.family === 'must' && step.family === undefined)
      problems.push({
        path: `${path}[${i}].family`,
        found: 'nothing',
        expected: `the family of "${step.do}": ${FAMILIES.join(', ')}`,
      })
    if (laysClear(step) && step.sheen === undefined)
      problems.push({
        path: `${path}[${i}].sheen`,
        found: 'nothing',
        expected: `the sheen of a clear: ${SHEENS.join(', ')}`,
      })
    return problems
  })
}

/** Reads a sequence file: the format, and what its acts must say. */
export function readSequence(value: unknown): Parsed<Sequence> {
  const parsed = parseSequence(value)
  if (!parsed.ok) return parsed
  const problems = missingFields(parsed.value.steps)
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
