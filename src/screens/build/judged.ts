import type { JudgedFinding, JudgedPart, PartPlan } from '@/core/builds'

/** A finding with its ways out; null: they are not reckoned yet. */
export type ShownFinding = Omit<JudgedFinding, 'remedies'> & {
  remedies: JudgedFinding['remedies'] | null
}

/** A part as it is shown: with the ways out of its findings as soon as the worker has found them. */
export type ShownPart = Omit<JudgedPart, 'findings'> & { findings: ShownFinding[] }

/** What is known of a part before the ways out of its findings are. */
export function withoutWays(plan: PartPlan): ShownPart {
  return {
    plan,
    findings: plan.findings.map((finding) => ({ ...finding, remedies: null })),
    order: plan.steps.map(({ step }) => step),
    coats: new Map(),
    section: [],
  }
}

/** The steps that are done on a part, by its plan; without one, none. */
export function doneIn(plan: Pick<PartPlan, 'steps'> | undefined): ReadonlySet<string> {
  return new Set(plan?.steps.flatMap(({ step, status }) => (status === 'done' ? [step] : [])))
}
