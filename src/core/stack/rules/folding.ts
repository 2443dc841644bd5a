import type { Ruleset } from '../simulate/ruleset'
import type { Drafted } from '../simulate/simulation'
import { CAUSES, type Cause, type Rule, worse } from './finding'

/** May it follow from another, or have others follow from it? */
function mayFold(rule: Rule | undefined): boolean {
  return rule?.causes !== undefined || rule?.followsAtCleanUp !== undefined
}

/** Findings of this cause share it only while the film is still fresh, where the rules differ by waiting. */
const BY_WAITING: Cause = 'unsettled'

/** For each draft the one that it follows from; null: it stands for itself. */
export function foldings(drafts: readonly Drafted[], { byName }: Ruleset): (Drafted | null)[] {
  const told = drafts.filter((one) => mayFold(byName.get(one.rule)))
  if (told.length < 2) return drafts.map(() => null)
  const heads = new Map(
    told.map(
      (one) => [one, earlierHead(told, one, byName) ?? headAtStep(told, one, byName)] as const,
    ),
  )
  return drafts.map((one) => {
    let head = heads.get(one) ?? null
    for (let next = head && heads.get(head); next; next = heads.get(next)) head = next
    return head
  })
}

/** The laying of what a clean-up works on, where that was wrong for the same film. */
function earlierHead(drafts: readonly Drafted[], one: Drafted, rules: Rules): Drafted | null {
  const rule = rules.get(one.rule)?.followsAtCleanUp
  const { context } = one
  if (!rule || context?.resolved.row.kind !== 'clean') return null
  const laid = new Set([...context.targets].map((film) => film.step))
  return (
    drafts.find(
      (other) =>
        other.rule === rule &&
        laid.has(other.step) &&
        other.draft.on.film === one.draft.on.film &&
        other.draft.on.substrate === one.draft.on.substrate,
    ) ?? null
  )
}

function headAtStep(drafts: readonly Drafted[], one: Drafted, rules: Rules): Drafted | null {
  let head = one
  for (const other of drafts) {
    if (other.step !== one.step || other === head) continue
    const cause = sharedCause(head, other, rules)
    if (cause && before(other, head, cause, rules)) head = other
  }
  return head === one ? null : head
}

type Rules = Ruleset['byName']

/** The cause that two findings of a step share; null: they stand apart. */
function sharedCause(one: Drafted, other: Drafted, rules: Rules): Cause | null {
  const found = CAUSES.find((cause) => {
    if (placeIn(cause, one, rules) === undefined || placeIn(cause, other, rules) === undefined)
      return false
    const [a, b] = [one.draft.on, other.draft.on]
    if (a.film !== b.film || a.substrate !== b.substrate) return false
    return cause !== BY_WAITING || (a.state === 'fresh' && b.state === 'fresh')
  })
  return found ?? null
}

function placeIn(cause: Cause, { rule }: Drafted, rules: Rules): number | undefined {
  return rules.get(rule)?.causes?.[cause]
}

/** The worse one is told; among equals the one that names the cause. */
function before(a: Drafted, b: Drafted, cause: Cause, rules: Rules): boolean {
  if (a.draft.severity !== b.draft.severity) return worse(a.draft.severity, b.draft.severity)
  return (placeIn(cause, a, rules) ?? 0) < (placeIn(cause, b, rules) ?? 0)
}
