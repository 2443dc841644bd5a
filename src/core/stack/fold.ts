import { type RuleName, worse } from './finding'
import type { Drafted } from './walk'

/**
 * Rules that speak of one mistake when they speak of the same film at the same step: the worst is told, among equals the
 * first of the list, the others follow from it. Source: handbook 2.6, "one cause, one finding".
 */
const SAME_STEP: readonly (readonly RuleName[])[] = [
  ['recoat-too-early', 'solvent-attacks-film', 'hard-over-soft', 'seal-first', 'decal-moisture'],
  ['clear-kills-metal', 'solvent-attacks-film'],
  ['decal-hot-clear', 'solvent-attacks-film', 'recoat-too-early', 'decal-moisture'],
  ['never-cures', 'needs-primer', 'solvent-attacks-substrate'],
  ['unsealed-chips', 'solvent-attacks-film', 'lock-first'],
  ['tape-too-early', 'unsealed-chips'],
  ['clear-too-thin-to-polish', 'edge-rub-through'],
]

/** What a clean-up does to the film under it follows from having laid the effect there. Source: handbook 2.6. */
const AT_CLEAN_UP: Partial<Record<RuleName, RuleName>> = {
  'solvent-attacks-film': 'seal-first',
  'lock-first': 'lock-first',
  'solvent-attacks-substrate': 'solvent-attacks-substrate',
}

/** Rules that may follow from another, or have others follow from them. */
const FOLDING: ReadonlySet<RuleName> = new Set([
  ...SAME_STEP.flat(),
  ...(Object.entries(AT_CLEAN_UP).flat() as RuleName[]),
])

/** Findings of one step share a cause only while the film is still fresh, where the rules differ by waiting. */
const BY_WAITING: readonly RuleName[] = SAME_STEP[0] ?? []

/** For each draft the one that it follows from; null: it stands for itself. */
export function foldings(drafts: readonly Drafted[]): (Drafted | null)[] {
  const told = drafts.filter((one) => FOLDING.has(one.rule))
  if (told.length < 2) return drafts.map(() => null)
  const heads = new Map(
    told.map((one) => [one, earlierHead(told, one) ?? headAtStep(told, one)] as const),
  )
  return drafts.map((one) => {
    let head = heads.get(one) ?? null
    for (let next = head && heads.get(head); next; next = heads.get(next)) head = next
    return head
  })
}

/** The laying of what a clean-up works on, where that was wrong for the same film. */
function earlierHead(drafts: readonly Drafted[], one: Drafted): Drafted | null {
  const rule = AT_CLEAN_UP[one.rule]
  const { moment } = one
  if (!rule || moment?.work.row.kind !== 'clean') return null
  const laid = new Set([...moment.targets].map((film) => film.step))
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

function headAtStep(drafts: readonly Drafted[], one: Drafted): Drafted | null {
  let head = one
  for (const other of drafts) {
    if (other.step !== one.step || other === head) continue
    const cause = sharedCause(head, other)
    if (cause && before(other, head, cause)) head = other
  }
  return head === one ? null : head
}

/** The cause that two findings of a step share; null: they stand apart. */
function sharedCause(one: Drafted, other: Drafted): readonly RuleName[] | null {
  const found = SAME_STEP.find((group) => {
    if (!group.includes(one.rule) || !group.includes(other.rule)) return false
    const [a, b] = [one.draft.on, other.draft.on]
    if (a.film !== b.film || a.substrate !== b.substrate) return false
    return group !== BY_WAITING || (a.state === 'fresh' && b.state === 'fresh')
  })
  return found ?? null
}

/** The worse one is told; among equals the one that names the cause. */
function before(a: Drafted, b: Drafted, cause: readonly RuleName[]): boolean {
  if (a.draft.severity !== b.draft.severity) return worse(a.draft.severity, b.draft.severity)
  return cause.indexOf(a.rule) < cause.indexOf(b.rule)
}
