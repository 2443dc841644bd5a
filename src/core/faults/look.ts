import type { SimulatedStep } from '../stack/simulate/simulation'
import type { History } from './history'

/** Where a piece of evidence was looked up. Source: docs/formats.md. */
export const EVIDENCE_FROM = ['climate', 'plan', 'log', 'stack', 'shelf', 'part', 'answer'] as const

/** Where a piece of evidence comes from. */
export type EvidenceFrom = (typeof EVIDENCE_FROM)[number]

/** What was found: whether it is so (null: nobody knows), in a sentence. */
export type Seen = {
  is: boolean | null
  say: string
  /** Where it was found, if not where it usually is. */
  from?: EvidenceFrom
}

/** Nobody knows. */
export const UNKNOWN: Seen = { is: null, say: '' }

/** Looks something up in a history, of the step that the fault is seen on. */
export type Lookup = {
  from: EvidenceFrom
  see: (history: History, subject: SimulatedStep | null) => Seen
}
