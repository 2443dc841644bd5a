import type { PartFinding } from '@/core/builds'

/** What only follows from a finding. */
export function followers<T extends PartFinding>(findings: readonly T[], head: PartFinding): T[] {
  return findings.filter(
    (finding) => finding.follows?.step === head.step && finding.follows.rule === head.rule,
  )
}
