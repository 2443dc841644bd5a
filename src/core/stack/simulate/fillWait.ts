import { type Rule, type RuleName, worse } from '../rules/finding'
import { atMinute, type StepContext } from '../state/stepContext'
import { firstFrom, type LaterMinute, laterMinutes } from './laterMinutes'
import { judge, type Ruleset } from './ruleset'
import type { Drafted, FilledWait } from './simulation'

/** What one draft costs for waiting's sake: stops, then risks, then what is merely too soon. */
export function cost({ draft, rule }: Drafted, ruleset: Ruleset): number {
  if (draft.severity === 'stop') return 10_000
  if (draft.severity === 'risk') return 100
  return ruleset.byName.get(rule)?.worthWaiting ? 1 : 0
}

function costOf(drafts: readonly Drafted[], ruleset: Ruleset): number {
  return drafts.reduce((sum, drafted) => sum + cost(drafted, ruleset), 0)
}

/** The cost of a later minute, given up as soon as it is no less than the least so far. */
function priceAt(
  context: StepContext,
  rules: readonly Rule[],
  least: number,
  ruleset: Ruleset,
): number {
  let sum = 0
  for (const rule of rules) {
    sum += costOf(judge(context, [rule]), ruleset)
    if (sum >= least) return sum
  }
  return sum
}

/** A step at the minute at which it is done, the wait before it, and what the rules of timing say there. */
export type Filled = { context: StepContext; wait: FilledWait | null; timing: Drafted[] }

/** The earliest minute at which no wait would make this step any better. */
export function fillWait(context: StepContext, ruleset: Ruleset): Filled {
  const { timing: timingRules } = ruleset
  const now = judge(context, timingRules)
  let least = costOf(now, ruleset)
  if (least === 0) return { context, wait: null, timing: now }
  const fired = new Set(now.map((drafted) => drafted.rule))
  const rules = [
    ...timingRules.filter((rule) => fired.has(rule.name)),
    ...timingRules.filter((rule) => !fired.has(rule.name)),
  ]
  let best: { later: LaterMinute; context: StepContext } | null = null
  const soonest = now.reduce(
    (at, drafted) => (cost(drafted, ruleset) > 0 ? Math.max(at, drafted.draft.until ?? 0) : at),
    0,
  )
  const calm = firstFrom(context, soonest)
  const there = calm && atMinute(context, calm.at)
  if (calm && there && priceAt(there, rules, 1, ruleset) === 0) {
    best = { later: calm, context: there }
    least = 0
  }
  for (const one of least === 0 ? [] : laterMinutes(context)) {
    const waited = atMinute(context, one.at)
    const price = priceAt(waited, rules, least, ruleset)
    if (price >= least) continue
    best = { later: one, context: waited }
    least = price
    if (least === 0) break
  }
  if (!best) return { context, wait: null, timing: now }
  const timing = judge(best.context, timingRules)
  const wait = {
    before: context.index,
    minutes: best.later.at - context.at,
    because: whyWait(now, new Set(timing.map((drafted) => drafted.rule))),
    since: best.later.since,
  }
  return { context: best.context, wait, timing }
}

/** Why a wait was filled in: the worst of what it ends. */
function whyWait(now: readonly Drafted[], still: ReadonlySet<RuleName>): string {
  const ended = now.filter((drafted) => !still.has(drafted.rule))
  const candidates = ended.length > 0 ? ended : now
  const worst = candidates.reduce<Drafted | null>(
    (found, candidate) =>
      !found || worse(candidate.draft.severity, found.draft.severity) ? candidate : found,
    null,
  )
  return worst?.draft.because ?? ''
}
