import type { Severity } from '../model/vocabulary'

/** The judgement of a whole sequence. */
export type Verdict = 'sound' | 'risky' | 'unsound'

/** Unsound if anything would spoil the work, risky if anything may, else sound. */
export function verdictOf(findings: readonly { severity: Severity }[]): Verdict {
  if (findings.some((finding) => finding.severity === 'stop')) return 'unsound'
  return findings.some((finding) => finding.severity === 'risk') ? 'risky' : 'sound'
}
