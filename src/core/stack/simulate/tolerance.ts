import { EPSILON } from '../state/film'
import { atMinute } from '../state/stepContext'
import { laterMinutes } from './laterMinutes'
import { judge, type Ruleset } from './ruleset'
import type { Drafted } from './simulation'

/** Nobody misses a start by less than this share of the wait, nor by less than so many minutes, whichever is less. Source: handbook 2.6. */
const TOLERANCE = { share: 0.15, minutes: 10 } as const

/** Just before a minute. */
const JUST = 0.01

/**
 * A wait that was missed by a hair is a note at most: clocks are no truer than that. Plans and remedies still keep the whole wait.
 *
 * Source: handbook 2.6, tolerance.
 */
export function tolerated(drafted: Drafted, { byName }: Ruleset): Drafted {
  const { draft, context, rule } = drafted
  const asked = byName.get(rule)
  if (draft.severity === 'note' || !asked?.timing || !context) return drafted
  const limit = context.at + TOLERANCE.minutes
  for (const { at, since } of laterMinutes(context)) {
    if (at > limit + EPSILON) return drafted
    const wait = at - since.at
    const missing = at - context.at
    if (missing > Math.min(TOLERANCE.minutes, TOLERANCE.share * wait) - EPSILON) continue
    // It is this wait that was missed where the judgement turns with its end.
    const isCalm = (minute: number) =>
      judge(atMinute(context, minute), [asked]).every((then) => then.draft.severity === 'note')
    if (isCalm(at) && !isCalm(at - JUST))
      return { ...drafted, draft: { ...draft, severity: 'note' } }
  }
  return drafted
}
