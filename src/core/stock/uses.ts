import type { Bottle } from '../model/bottle'
import type { Build, Part } from '../model/build'
import { isAct } from '../model/isAct'
import type { Project } from '../model/project'
import type { ActStep } from '../model/sequence'
import { latestClimate } from '../room/climateSeries'
import { bottlesFor, mixOfStep, paintFor } from '../shelf/paintFor'
import { stepCard } from '../shelf/stepCard'
import type { PlannedPart, PlannedStep } from './plannedPart'

/** One use of a bottle by a step on a part: how much it takes of it, ml, and when, epoch milliseconds. */
export type Use = {
  build: Build
  part: Part
  step: ActStep & { id: string }
  bottle: Bottle
  ml: number
  from: number
}

/** A step that is still to do on a part. */
export type OpenStep = Pick<Use, 'build' | 'part' | 'step'> & { planned: PlannedStep }

/** Every step that is still to do, part by part. */
export function openSteps(project: Project, plans: readonly PlannedPart[]): OpenStep[] {
  return plans.flatMap((plan) => {
    const build = project.builds?.find((one) => one.id === plan.build)
    const part = build?.parts.find((one) => one.id === plan.part)
    if (!build || !part) return []
    return plan.steps.flatMap((planned): OpenStep[] => {
      if (planned.status === 'done' || planned.status === 'skipped') return []
      const step = build.steps.find((one) => one.id === planned.step)
      return step && isAct(step) ? [{ build, part, step: step as Use['step'], planned }] : []
    })
  })
}

/** Every use of the shelf by what is left to do. Source: N68, N76. */
export function usesOf(project: Project, plans: readonly PlannedPart[]): readonly Use[] {
  if (lastAsked?.project === project && lastAsked.plans === plans) return lastAsked.uses
  const { celsius } = latestClimate(project)
  const uses = openSteps(project, plans).flatMap(({ build, part, step, planned }) => {
    const bottles = bottlesOf(project, step)
    if (bottles.every((one) => one === null)) return []
    const left = Math.max(1, planned.coats - planned.coatsDone)
    const card = stepCard(step, part, left, paintFor(project, step), celsius)
    return bottles.flatMap((bottle, i): Use[] => {
      const ml = card.mix?.ingredients[i]?.ml ?? 0
      return bottle ? [{ build, part, step, bottle, ml, from: planned.from }] : []
    })
  })
  lastAsked = { project, plans, uses }
  return uses
}

/** The shelf asks for the same in several places, and neither a project nor its plans ever change. */
let lastAsked: { project: Project; plans: readonly PlannedPart[]; uses: readonly Use[] } | null =
  null

/** The bottles behind the ingredients of a step's mix, in their order: of a kept mix all of them, else the paint's. */
function bottlesOf(project: Project, step: ActStep): (Bottle | null)[] {
  const kept = mixOfStep(project, step)
  if (!kept) return [bottlesFor(project, step)[0] ?? null]
  return kept.ingredients.map(
    ({ bottle }) => project.shelf?.find((one) => one.id === bottle) ?? null,
  )
}
