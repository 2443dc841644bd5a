import type { Ruleset } from '../simulate/ruleset'
import type { Drafted } from '../simulate/simulation'
import { newestWhole } from '../state/stack'
import { CAUSES, type Cause, type Rule, worse } from './finding'

/** May it follow from another, or have others follow from it? */
function mayFold(rule: Rule | undefined): boolean {
  return rule?.causes !== undefined || rule?.followsAtCleanUp !== undefined || rule?.ofFace === true
}

/** Findings of this cause share it only while the film is still fresh, where the rules differ by waiting. */
const BY_WAITING: Cause = 'unsettled'

/** For each draft the one that it follows from; null: it stands for itself. */
export function foldings(drafts: readonly Drafted[], { byName }: Ruleset): (Drafted | null)[] {
  const told = drafts.filter((draft) => mayFold(byName.get(draft.rule)))
  if (told.length < 2) return drafts.map(() => null)
  const heads = new Map(
    told.map(
      (drafted) =>
        [
          drafted,
          earlierHead(told, drafted, byName) ??
            headAtStep(told, drafted, byName) ??
            firstOnFace(told, drafted, byName),
        ] as const,
    ),
  )
  return drafts.map((draft) => {
    let head = heads.get(draft) ?? null
    for (let next = head && heads.get(head); next; next = heads.get(next)) head = next
    return head
  })
}

/** The laying of what a clean-up works on, where that was wrong for the same film. */
function earlierHead(drafts: readonly Drafted[], drafted: Drafted, rules: Rules): Drafted | null {
  const rule = rules.get(drafted.rule)?.followsAtCleanUp
  const { context } = drafted
  if (!rule || context?.resolved.row.kind !== 'clean') return null
  const laid = new Set([...context.targets].map((film) => film.step))
  return (
    drafts.find(
      (other) =>
        other.rule === rule &&
        laid.has(other.step) &&
        other.draft.on.film === drafted.draft.on.film &&
        other.draft.on.substrate === drafted.draft.on.substrate,
    ) ?? null
  )
}

/** The same said of the same face at an earlier step, as gravely. */
function firstOnFace(drafts: readonly Drafted[], drafted: Drafted, rules: Rules): Drafted | null {
  if (!rules.get(drafted.rule)?.ofFace) return null
  const face = faceOf(drafted)
  return (
    drafts.find(
      (other) =>
        other.rule === drafted.rule &&
        other.step < drafted.step &&
        !worse(drafted.draft.severity, other.draft.severity) &&
        faceOf(other) === face,
    ) ?? null
  )
}

/** The whole film that a step goes on: whoever laid its last coat; −1: the bare part. */
function faceOf({ context }: Drafted): number {
  return (context && newestWhole(context.stack)?.endedBy) ?? -1
}

function headAtStep(drafts: readonly Drafted[], drafted: Drafted, rules: Rules): Drafted | null {
  let head = drafted
  for (const other of drafts) {
    if (other.step !== drafted.step || other === head) continue
    const cause = sharedCause(head, other, rules)
    if (cause && before(other, head, cause, rules)) head = other
  }
  return head === drafted ? null : head
}

type Rules = Ruleset['byName']

/** The cause that two findings of a step share; null: they stand apart. */
function sharedCause(drafted: Drafted, other: Drafted, rules: Rules): Cause | null {
  const found = CAUSES.find((cause) => {
    if (placeIn(cause, drafted, rules) === undefined || placeIn(cause, other, rules) === undefined)
      return false
    const [a, b] = [drafted.draft.on, other.draft.on]
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
