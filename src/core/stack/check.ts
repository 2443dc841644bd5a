import type { Sequence } from '../model/sequence'
import type { Severity } from '../model/vocabulary'
import type { Finding } from './finding'
import { foldings } from './fold'
import { remediesFor } from './remedies'
import {
  type Drafted,
  type FilledWait,
  type TimelineEntry,
  type Walk,
  type WalkOptions,
  walk,
} from './walk'

export type Verdict = 'sound' | 'risky' | 'unsound'

/** What there is to say of a sequence. Minutes from its start. */
export type Check = {
  verdict: Verdict
  findings: Finding[]
  timeline: TimelineEntry[]
  /** Waits that were filled in; empty unless the sequence asked for it. */
  waits: FilledWait[]
  total: number
}

/** Unsound if anything would spoil the work, risky if anything may, else sound. */
export function verdictOf(findings: readonly { severity: Severity }[]): Verdict {
  if (findings.some((one) => one.severity === 'stop')) return 'unsound'
  return findings.some((one) => one.severity === 'risk') ? 'risky' : 'sound'
}

/**
 * Judges a sequence: findings in the order of the steps, each with ways out that were tried, and the timeline.
 *
 * @throws RangeError if an act must say its family and doesn't
 * Source: handbook 2.6.
 */
export function check(sequence: Sequence, options: WalkOptions = {}): Check {
  const walked = walk(sequence, options)
  const findings = findingsOf(walked).map(({ finding, drafted }) => ({
    ...finding,
    remedies: remediesFor(sequence, walked, drafted, options),
  }))
  return {
    verdict: verdictOf(findings),
    findings,
    timeline: walked.timeline,
    waits: walked.waits,
    total: walked.total,
  }
}

/** The findings of a sequence without their ways out: fast enough to ask during a drag. */
export function judgeSequence(
  sequence: Sequence,
  options?: WalkOptions,
): { walk: Walk; findings: Finding[] } {
  const walked = walk(sequence, options)
  return { walk: walked, findings: findingsOfWalk(walked) }
}

const known = new WeakMap<Walk, Finding[]>()

/** The findings of a walk without their ways out; reckoned once. */
export function findingsOfWalk(walked: Walk): Finding[] {
  const before = known.get(walked)
  if (before) return before
  const findings = findingsOf(walked).map(({ finding }) => finding)
  known.set(walked, findings)
  return findings
}

function findingsOf(walked: Walk): { drafted: Drafted; finding: Finding }[] {
  const heads = foldings(walked.drafts)
  return walked.drafts.map((drafted, i) => {
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
