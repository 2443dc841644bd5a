import type { Build, BuildStep, Part } from '../model/build'
import type { Edit } from '../model/edit'
import { changedFields, nulled } from '../model/rowFields'
import { sameValue } from '../model/sameValue'
import type { School } from '../model/sequence'
import { stepsOfPart } from './partSequence'

/** How a step of a variant differs from what it was tried from. */
export type Differs =
  | { kind: 'changed'; step: BuildStep; field: string; from: unknown; to: unknown }
  | { kind: 'left-out' | 'added' | 'moved'; step: BuildStep }

/** What a step says beside who it is and whom it is for. */
function fieldsOf(step: BuildStep): Record<string, unknown> {
  const { id, parts, accepted, endsAfter, ...fields } = step as Record<string, unknown>
  return fields
}

/** Steps of a list that aren't where they were among those that both lists have: as few as there can be. */
function movedIn(before: readonly string[], after: readonly string[]): Set<string> {
  const place = new Map(before.map((id, i) => [id, i]))
  const both = after.filter((id) => place.has(id))
  // The longest run that is still in order stays; what isn't in it has moved.
  const runs: { id: string; long: number; last: number }[] = []
  both.forEach((id, i) => {
    const own = place.get(id) as number
    let [long, last] = [1, -1]
    for (let k = 0; k < i; k++) {
      const run = runs[k] as (typeof runs)[number]
      if ((place.get(run.id) as number) < own && run.long + 1 > long) {
        long = run.long + 1
        last = k
      }
    }
    runs.push({ id, long, last })
  })
  const kept = new Set<string>()
  let at = runs.reduce((best, { long }, k) => (long > (runs[best]?.long ?? 0) ? k : best), 0)
  for (; at >= 0 && runs[at]; at = runs[at]?.last ?? -1) kept.add(runs[at]?.id as string)
  return new Set(both.filter((id) => !kept.has(id)))
}

/**
 * What a variant does otherwise, step by step in its own order; what it leaves out comes last.
 *
 * @param before steps it was tried from, known by their ids
 */
export function differsFrom(before: readonly BuildStep[], after: readonly BuildStep[]): Differs[] {
  const old = new Map(before.map((step) => [step.id, step]))
  const kept = new Set(after.map(({ id }) => id))
  const moved = movedIn(
    before.map(({ id }) => id),
    after.map(({ id }) => id),
  )
  const own = after.flatMap((step): Differs[] => {
    const was = old.get(step.id)
    if (!was) return [{ kind: 'added', step }]
    const changed = Object.entries(nulled(changedFields(fieldsOf(was), fieldsOf(step)))).map(
      ([field, to]): Differs => ({
        kind: 'changed',
        step,
        field,
        from: fieldsOf(was)[field] ?? null,
        to,
      }),
    )
    return [...(moved.has(step.id) ? [{ kind: 'moved', step } as const] : []), ...changed]
  })
  const gone = before.filter(({ id }) => !kept.has(id))
  return [...own, ...gone.map((step): Differs => ({ kind: 'left-out', step }))]
}

/** A variant's steps with those of the build that it doesn't know, each behind the one that it comes after there. */
function orderOf(
  build: Build,
  part: Part,
  { before, after }: { before: readonly BuildStep[]; after: readonly BuildStep[] },
): ({ known: { step: string } } | { added: BuildStep })[] {
  const known = new Set(before.map(({ id }) => id))
  const there = stepsOfPart(build, part.id)
  const order = after.filter(({ id }) => !known.has(id) || there.some((step) => step.id === id))
  there.forEach((step, i) => {
    if (known.has(step.id)) return
    const under = there.slice(0, i).findLast(({ id }) => order.some((one) => one.id === id))
    order.splice(order.findIndex((one) => one.id === under?.id) + 1, 0, step)
  })
  return order.map((step) =>
    there.some(({ id }) => id === step.id)
      ? { known: { step: step.id } }
      : { added: { ...step, parts: [part.id] } as BuildStep },
  )
}

/**
 * The edit that takes a variant over into its build, for the part that it was tried on. What is done of it stays as it was logged.
 *
 * @param build as it is now: another edit since then is kept where the variant says nothing of it
 * @param tried the steps that the variant was made from, and its own
 * @param school of the variant; left out: as the build has it
 * @returns null where nothing differs
 */
export function variantEdit(
  build: Build,
  part: Part,
  tried: { before: readonly BuildStep[]; after: readonly BuildStep[] },
  school?: School,
): Edit | null {
  const there = new Set(stepsOfPart(build, part.id).map(({ id }) => id))
  const edits: Edit[] = []
  const fields = new Map<string, Record<string, unknown>>()
  let sorted = false
  for (const differs of differsFrom(tried.before, tried.after)) {
    const { id } = differs.step
    if (differs.kind === 'changed' && there.has(id))
      fields.set(id, { ...fields.get(id), [differs.field]: differs.to })
    if (differs.kind === 'left-out' && there.has(id))
      edits.push({ do: 'remove', targets: [{ step: id }], on: [part.id] })
    sorted ||= differs.kind === 'moved' || differs.kind === 'added'
  }
  if (sorted) edits.push({ do: 'order', part: part.id, steps: orderOf(build, part, tried) })
  // Last: a step that moved away from other parts is another one, and an edit of this part finds it.
  for (const [id, own] of fields)
    edits.push({ do: 'change', targets: [{ step: id }], on: [part.id], fields: own })
  if (school && !sameValue(school, build.school ?? {}))
    edits.push({ do: 'set', fields: { school } })
  return edits.length > 0 ? { do: 'all', edits } : null
}
