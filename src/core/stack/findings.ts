import type { Severity } from '../model/vocabulary'
import type { Finding } from './rules/finding'
import { foldings } from './rules/folding'
import { RULESET } from './rules/rules'
import type { Drafted, Simulation } from './simulate/simulation'

/** The judgement of a whole sequence. */
export type Verdict = 'sound' | 'risky' | 'unsound'

/** Unsound if anything would spoil the work, risky if anything may, else sound. */
export function verdictOf(findings: readonly { severity: Severity }[]): Verdict {
  if (findings.some((finding) => finding.severity === 'stop')) return 'unsound'
  return findings.some((finding) => finding.severity === 'risk') ? 'risky' : 'sound'
}

const known = new WeakMap<Simulation, Finding[]>()

/** The findings of a simulation without their ways out; reckoned once. */
export function findingsOfSimulation(simulated: Simulation): Finding[] {
  const before = known.get(simulated)
  if (before) return before
  const findings = draftedFindings(simulated).map(({ finding }) => finding)
  known.set(simulated, findings)
  return findings
}

/** Findings with what they were drafted from. */
export function draftedFindings(simulated: Simulation): { drafted: Drafted; finding: Finding }[] {
  const heads = foldings(simulated.drafts, RULESET)
  return simulated.drafts.map((drafted, i) => {
    const head = heads[i]
    return {
      drafted,
      finding: {
        step: drafted.step,
        rule: drafted.rule,
        severity: drafted.draft.severity,
        because: drafted.draft.because,
        on: drafted.draft.on,
        ...(head ? { follows: { step: head.step, rule: head.rule } } : {}),
        remedies: [],
      },
    }
  })
}
