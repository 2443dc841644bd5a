import { isoDuration, sayDuration, writeDuration } from '../model/duration'
import type { Sequence } from '../model/sequence'
import { check } from '../stack/check'

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
