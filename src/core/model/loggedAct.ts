import * as v from 'valibot'
import { idField, instantField, noteField, ranged, wholeRanged } from './fields'
import { ACT_KINDS, MILESTONES } from './vocabulary'

/** An entry of the log: what was done, when, and on which step of which part. Source: docs/formats.md. */
export const loggedActSchema = v.looseObject({
  id: idField,
  at: instantField,
  kind: v.picklist(ACT_KINDS),
  build: v.optional(idField),
  part: v.optional(idField),
  step: v.optional(idField),
  /** Which coat of the step, from 1. */
  coat: v.optional(wholeRanged(1, 30)),
  milestone: v.optional(v.picklist(MILESTONES)),
  /** What was observed of the milestone: still tacky, reached just now, or dry already. */
  seen: v.optional(v.picklist(['not-yet', 'just', 'reached'])),
  mix: v.optional(idField),
  /** What a mix took out of bottles. */
  drawn: v.optional(v.array(v.looseObject({ bottle: idField, ml: ranged(0, 10000, 'ml') }))),
  /** The bottle that was filled, poured into, or whose level was set right. */
  bottle: v.optional(idField),
  /** ml: what it was filled to, what was poured into it, what was found in it. */
  ml: v.optional(ranged(0, 5000, 'ml')),
  /** Paint share of what was filled or poured in, or was found in it: 0 thinner, 1 neat paint. */
  share: v.optional(ranged(0, 1, '(paint share)')),
  text: noteField,
  /** What went wrong and what it came from, as the fault finder calls them; and whether a mending helped. Source: handbook 13.4. */
  fault: v.optional(idField),
  cause: v.optional(idField),
  helped: v.optional(v.boolean()),
  /** The tool or consumable that was used up by so many uses. */
  tool: v.optional(idField),
  uses: v.optional(wholeRanged(1, 1000, 'uses')),
  /** The act whose instant this one corrects, and when it really was. */
  corrects: v.optional(idField),
  happenedAt: v.optional(instantField),
  /** Its instant is a rough one: nobody looked at the clock. */
  roughly: v.optional(v.boolean()),
  /** The act that this one takes back. */
  undoes: v.optional(idField),
})

/** An entry of the log. */
export type LoggedAct = v.InferOutput<typeof loggedActSchema>
