import type { Bottle } from '../model/bottle'
import type { Build, BuildAct, Part } from '../model/build'
import { isAct } from '../model/isAct'
import type { Project } from '../model/project'
import type { ActStep } from '../model/sequence'
import { bottlesFor, mixOfStep, type PaintSource, paintFor } from '../shelf/paintFor'
import { stepCard } from '../shelf/stepCard'
import type { PartToPaint, PlannedStep } from './partToPaint'
import type { StockState } from './stockState'
/** One use of a bottle by a step on a part: how much it takes of it, ml, and when, epoch milliseconds. */
export type Use = {
  build: Build
  part: Part
  step: ActStep & { id: string }
  bottle: Bottle
  ml: number
  /** What this use wants in all, from every pot of the paint, ml. */
  wantedMl: number
  /** What no pot of it has, ml; 0: there is enough. Said of one of the pots. */
  shortMl: number
  from: number
}

/** A step that is still to do on a part. */
export type OpenStep = Pick<Use, 'build' | 'part' | 'step'> & { planned: PlannedStep }

/** Every step that is still to do, part by part. */
export function openSteps(project: Project, plans: readonly PartToPaint[]): OpenStep[] {
  const builds = new Map((project.builds ?? []).map((build) => [build.id, build]))
  return plans.flatMap((plan) => {
    const build = builds.get(plan.build)
    const part = build?.parts.find(({ id }) => id === plan.part)
    if (!build || !part) return []
    return plan.steps.flatMap((planned): OpenStep[] => {
      if (planned.status === 'done' || planned.status === 'skipped') return []
      const step = build.steps.find(({ id }) => id === planned.step)
      return step && isAct(step) ? [{ build, part, step: step as Use['step'], planned }] : []
    })
  })
}

/** Every use of the shelf by what is left to do, in order of time. Source: N68, N76. */
export function usesOf(state: UsesOf, plans: readonly PartToPaint[]): readonly Use[] {
  if (lastAsked?.project === state.project && lastAsked.plans === plans) return lastAsked.uses
  const wants = openSteps(state.project, plans)
    .flatMap((open) => wantsOf(state, open))
    .sort((a, b) => a.from - b.from)
  const left = new Map((state.project.shelf ?? []).map(({ id, leftMl }) => [id, leftMl]))
  const uses = wants.flatMap((want) => taken(want, left))
  lastAsked = { project: state.project, plans, uses }
  return uses
}

type UsesOf = Pick<StockState, 'project' | 'room'>

/** The shelf asks for the same in several places, and neither a project nor its plans ever change. */
let lastAsked: { project: Project; plans: readonly PartToPaint[]; uses: readonly Use[] } | null =
  null

/** What one step on one part wants of a paint, and the pots that it may come from, in order. */
type Want = Pick<Use, 'build' | 'part' | 'step' | 'from'> & { pots: readonly Bottle[]; ml: number }

function wantsOf({ project, room }: UsesOf, { build, part, step, planned }: OpenStep): Want[] {
  const pots = potsOf(project, step)
  if (pots.every((own) => own.length === 0)) return []
  const left = Math.max(1, planned.coats - planned.coatsDone)
  const paint = paintFor(project, step)
  const amounts = amountsOf(step, part, left, paint, room.latest.celsius)
  return pots.flatMap((own, i): Want[] => {
    const ml = amounts[i] ?? 0
    return own.length > 0 ? [{ build, part, step, from: planned.from, pots: own, ml }] : []
  })
}

const amountsKnown = new WeakMap<ActStep, Map<string, readonly number[]>>()

/** ml of each ingredient of a step's mix: reckoned once for what it follows from, since every plan asks for all of them again. */
function amountsOf(
  step: ActStep,
  part: Part,
  coats: number,
  paint: PaintSource | null,
  celsius: number,
): readonly number[] {
  const asked = amountsKnown.get(step) ?? new Map<string, readonly number[]>()
  amountsKnown.set(step, asked)
  const place = JSON.stringify([part, coats, paint, celsius])
  const amounts =
    asked.get(place) ??
    (stepCard(step, part, coats, paint, celsius).mix?.ingredients ?? []).map(({ ml }) => ml)
  asked.set(place, amounts)
  return amounts
}

/** Takes a want out of its pots, the first of them as far as it goes, then the next; what no pot has is said of the first. */
function taken({ pots, ml, ...want }: Want, left: Map<string, number>): Use[] {
  let open = ml
  const parts = pots.map((bottle) => {
    const has = left.get(bottle.id) ?? 0
    const out = Math.min(has, open)
    left.set(bottle.id, has - out)
    open -= out
    return { bottle, ml: out }
  })
  const used = parts.filter((part, i) => i === 0 || part.ml > 0)
  return used.map((portion, i) => ({
    ...want,
    bottle: portion.bottle,
    ml: i === 0 ? portion.ml + open : portion.ml,
    wantedMl: ml,
    shortMl: i === 0 ? open : 0,
  }))
}

/** The pots behind the ingredients of a step's mix, in their order: of a kept mix all of them, else the paint's and the thinner's. */
function potsOf(project: Project, step: ActStep): (readonly Bottle[])[] {
  const shelf = project.shelf ?? []
  const byId = (id: unknown) => shelf.filter((bottle) => bottle.id === id)
  const kept = mixOfStep(project, step)
  if (kept) return kept.ingredients.map(({ bottle }) => byId(bottle))
  return [bottlesFor(project, step), byId((step as BuildAct).thinner)]
}
