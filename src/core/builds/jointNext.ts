import type { Build } from '../model/build'
import { isJoint } from './joint'
import type { PartPlan } from './partPlan'
import type { PlannedPart } from './planParts'

/**
 * Parts whose next act is done together with others wait for the last of them: what `next` says of such a part is when all are ready,
 * and which part it waits for.
 *
 * Source: handbook 7.1.
 */
export function withJointNext(
  builds: readonly Build[],
  parts: readonly PlannedPart[],
): PlannedPart[] {
  const plans = new Map(parts.map(({ plan }) => [`${plan.build}/${plan.part}`, plan]))
  return parts.map((planned) => {
    const { plan } = planned
    const { next } = plan
    const build = builds.find(({ id }) => id === plan.build)
    const step = next && build?.steps.find(({ id }) => id === next.step)
    if (!next || !build || !step || !isJoint(step)) return planned
    let readyAt = next.readyAt
    let last: PartPlan | null = null
    for (const part of step.parts) {
      const other = plans.get(`${build.id}/${part}`)
      const there = other?.steps.find((one) => one.step === step.id)
      const open = there && there.status !== 'done' && there.status !== 'skipped'
      if (!other || other === plan || !open || there.from <= readyAt) continue
      readyAt = there.from
      last = other
    }
    if (!last) return planned
    const name = build.parts.find(({ id }) => id === last?.part)?.name ?? last.part
    return waiting(planned, readyAt, `It is done together with ${name}, which isn’t ready yet.`)
  })
}

const waitings = new WeakMap<PlannedPart, Map<string, PlannedPart>>()

/** The same object again for the same wait: what didn't change isn't told anew. */
function waiting(planned: PlannedPart, readyAt: number, because: string): PlannedPart {
  const made = waitings.get(planned) ?? new Map<string, PlannedPart>()
  waitings.set(planned, made)
  const place = `${readyAt} ${because}`
  const { plan } = planned
  const known = made.get(place) ?? {
    ...planned,
    plan: { ...plan, next: plan.next && { ...plan.next, readyAt, because } },
  }
  made.set(place, known)
  return known
}
