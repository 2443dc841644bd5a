import type { Which } from '../history'
import type { LookId } from '../looks'
import type { QuestionId } from '../questions'

/** A piece of evidence: looked up, or asked. */
export type EvidenceId = LookId | QuestionId

/** What it is worth where it is so; and where it isn't: one divided by that unless it is said. Source: handbook 13.4. */
export type Weighed = readonly [evidence: EvidenceId, ratio: number, ifFalse?: number]

/** A cause of a fault. */
export type FaultCause = {
  id: string
  say: string
  /** Share of cases where nothing is known. */
  prior: number
  evidence: readonly Weighed[]
  /** What keeps it from coming back. */
  next: string
}

/** A fault: the step that it is seen on, the first kind that there is; and its causes. */
export type Fault = { on: readonly Which[]; causes: readonly FaultCause[] }

/** A cause as a row of a table. */
export const cause = (
  id: string,
  say: string,
  prior: number,
  evidence: readonly Weighed[],
  next: string,
): FaultCause => ({ id, say, prior, evidence, next })

export const FILM: Which = { kind: ['film'] }
export const SPRAYED: Which = { sprayed: true }
export const CLEAR: Which = { role: ['clear'] }
export const WASH: Which = { role: ['wash', 'filter', 'oil'] }
export const CLEAN: Which = { kind: ['clean'] }
export const DECAL: Which = { role: ['decal'] }
export const COLOUR: Which = { role: ['colour', 'clear-colour'] }
export const METAL: Which = { role: ['metal'] }
export const PIGMENT: Which = { role: ['pigment'] }
export const PRIMER: Which = { role: ['primer'] }
export const POLISH: Which = { kind: ['level'] }
