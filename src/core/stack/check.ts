import type { Sequence } from '../model/sequence'
import { draftedFindings, findingsOfSimulation } from './findings'
import { remediesFor } from './remedies/remedies'
import type { Finding } from './rules/finding'
import { simulate } from './simulate/simulate'
import type { FilledWait, SimulateOptions, Simulation, TimelineEntry } from './simulate/simulation'
import { type Verdict, verdictOf } from './verdict'

/** What there is to say of a sequence. Minutes from its start. */
export type Check = {
  verdict: Verdict
  findings: Finding[]
  timeline: TimelineEntry[]
  /** Waits that were filled in; empty unless the sequence asked for it. */
  waits: FilledWait[]
  total: number
}

/**
 * Judges a sequence: findings in the order of the steps, each with ways out that were tried, and the timeline.
 *
 * @throws RangeError if an act must say its family and doesn't
 * Source: handbook 2.6.
 */
export function check(sequence: Sequence, options: SimulateOptions = {}): Check {
  const simulated = simulate(sequence, options)
  const findings = draftedFindings(simulated).map(({ finding, drafted }) => ({
    ...finding,
    remedies: remediesFor(sequence, simulated, drafted, options),
  }))
  return {
    verdict: verdictOf(findings),
    findings,
    timeline: simulated.timeline,
    waits: simulated.waits,
    total: simulated.total,
  }
}

/** The findings of a sequence without their ways out: fast enough to ask during a drag. */
export function judgeSequence(
  sequence: Sequence,
  options?: SimulateOptions,
): { simulation: Simulation; findings: Finding[] } {
  const simulated = simulate(sequence, options)
  return { simulation: simulated, findings: findingsOfSimulation(simulated) }
}
