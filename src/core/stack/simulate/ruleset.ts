import { isAct } from '../../model/isAct'
import { type Draft, type Drafts, type Rule, type RuleName, worse } from '../rules/finding'
import type { Setting, StepContext } from '../state/stepContext'
import type { Drafted, State } from './simulation'
/** The rules a simulation asks, sorted once by what they need. */
export type Ruleset = {
  /** In the order in which findings of one step are told. */
  all: readonly Rule[]
  byName: ReadonlyMap<RuleName, Rule>
  /** Rules that a longer wait can end. */
  timing: readonly Rule[]
  /** Rules that no wait changes. */
  lasting: readonly Rule[]
  /** Rules that are asked of each coat anew, not only of the first. */
  eachCoat: readonly Rule[]
  /** Rules that read steps after their own. */
  ahead: readonly Rule[]
  /** Rules that are asked once the last step is done. */
  ending: readonly Rule[]
  place: ReadonlyMap<RuleName, number>
}

/** Sorts rules for a simulation. @param rules in the order in which findings of one step are told */
export function rulesetOf(rules: readonly Rule[]): Ruleset {
  return {
    all: rules,
    byName: new Map(rules.map((rule) => [rule.name, rule])),
    timing: rules.filter((rule) => rule.timing),
    lasting: rules.filter((rule) => !rule.timing),
    eachCoat: rules.filter((rule) => rule.eachCoat),
    ahead: rules.filter((rule) => rule.looksAhead),
    ending: rules.filter((rule) => rule.judgeEnd),
    place: new Map(rules.map((rule, i) => [rule.name, i])),
  }
}

/** Tells what one rule drafts: none, one or several. Asked a thousand times a part, and nearly always none. */
function eachDraft(drafted: Drafts, tell: (draft: Draft) => void): void {
  if (drafted === null) return
  if (Array.isArray(drafted)) for (const draft of drafted) tell(draft)
  else tell(drafted as Draft)
}

/** What rules say of one step. */
export function judge(context: StepContext, rules: readonly Rule[]): Drafted[] {
  const found: Drafted[] = []
  for (const rule of rules) {
    const drafted = rule.judge(context)
    if (drafted !== null)
      eachDraft(drafted, (draft) =>
        found.push({ step: context.index, rule: rule.name, draft, context }),
      )
  }
  return found
}

/** One finding a step and rule, the worst, the first among equals. Source: handbook 2.6. */
export function worstOfEach(drafts: readonly Drafted[]): Drafted[] {
  if (drafts.length < 2) return [...drafts]
  const worst = new Map<string, Drafted>()
  for (const drafted of drafts) {
    const place = [drafted.step, drafted.rule].join(' ')
    const found = worst.get(place)
    if (!found) worst.set(place, drafted)
    else if (worse(drafted.draft.severity, found.draft.severity))
      worst.set(place, also(drafted, found))
    else worst.set(place, also(found, drafted))
  }
  return worst.size === drafts.length ? [...drafts] : [...worst.values()]
}

/** The worse of two, with the regions of both where they say the same. */
function also(worst: Drafted, other: Drafted): Drafted {
  const { severity, because } = worst.draft
  const same = severity === other.draft.severity && because === other.draft.because
  if (!same || !worst.regions || !other.regions) return worst
  return { ...worst, regions: [...new Set([...worst.regions, ...other.regions])] }
}

/** What rules that look ahead say of a step again, after steps behind it have changed. */
export function judgeAhead(context: StepContext, setting: Setting, ruleset: Ruleset): Drafted[] {
  const asked = ruleset.ahead.filter((rule) => rule.looksAhead?.(context))
  return asked.length === 0 ? [] : judge({ ...context, setting }, asked)
}

/** What is wrong once the last step is done. */
export function judgeEnd(state: State, { steps, use }: Setting, ruleset: Ruleset): Drafted[] {
  const lastAct = steps.findLastIndex(isAct)
  const lastStep = steps[lastAct]
  if (!lastStep || !isAct(lastStep)) return []
  const found: Drafted[] = []
  for (const { name, judgeEnd } of ruleset.ending)
    for (const [region, stack] of state.stacks)
      eachDraft(
        judgeEnd?.({ stack, lastAct, lastStep, at: state.at, series: state.series, use }) ?? null,
        (draft) =>
          found.push({
            step: lastAct,
            rule: name,
            draft,
            context: null,
            ...(state.stacks.size > 1 ? { regions: [region] } : {}),
          }),
      )
  return state.stacks.size === 1 ? found : worstOfEach(found)
}

/** Two lists in order as one: by step, and within a step in the order of the rules. */
export function merged(some: Drafted[], others: Drafted[], ruleset: Ruleset): Drafted[] {
  if (some.length === 0) return others
  if (others.length === 0) return some
  return inOrder([...some, ...others], ruleset)
}

/** By step, and within a step in the order of the rules. */
export function inOrder(drafts: readonly Drafted[], { place }: Ruleset): Drafted[] {
  const rank = (drafted: Drafted) => place.get(drafted.rule) ?? 0
  return [...drafts].sort((a, b) => a.step - b.step || rank(a) - rank(b))
}
