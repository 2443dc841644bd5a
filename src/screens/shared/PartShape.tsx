import type { PartPlan } from '@/core/builds'
import type { Build, Part } from '@/core/model/build'
import { coatsOf } from '@/core/model/coats'
import { isAct } from '@/core/model/isAct'
import { type Silhouette as Outline, silhouetteOf } from '@/core/shape/silhouette'
import { resolveStep } from '@/core/stack'
import { Silhouette } from '@/ui/Silhouette'

/** Outlines that were drawn: a part stays the same until it is edited. */
const drawn = new WeakMap<Part, Outline | null>()

/** The outline of the shape that stands in for a part; null: none was said. */
export function outlineOf(part: Part): Outline | null {
  const known = drawn.get(part)
  if (known !== undefined) return known
  const outline = part.standIn ? silhouetteOf(part.standIn) : null
  drawn.set(part, outline)
  return outline
}

/** A part as its stand-in, in the colour that covers it now, within a box of pixels. Nothing where no shape was said. */
export function PartShape({
  build,
  part,
  plan,
  box,
  most = Number.POSITIVE_INFINITY,
}: {
  build: Build
  part: Part
  plan: PartPlan | undefined
  box: { width: number; height: number }
  /** Pixels a millimetre at the most. */
  most?: number
}) {
  const outline = outlineOf(part)
  if (!outline) return null
  const scale = Math.min(most, box.width / outline.width, box.height / outline.height)
  const lies = filmsOf(build, part.id, plan).findLast(({ done }) => done)
  return <Silhouette {...outline} scale={scale} colour={lies?.colour ?? null} />
}

/** The coloured films of a part that cover its face, the lowest first. */
export function filmsOf(build: Build, part: string, plan: PartPlan | undefined) {
  return build.steps.flatMap((step) => {
    if (!isAct(step) || !step.parts.includes(part) || !step.colour) return []
    const { row, coverage } = resolveStep(step, null)
    if (row.kind !== 'film' || coverage !== 'whole') return []
    const status = plan?.steps.find((planned) => planned.step === step.id)?.status
    return [{ step: step.id, colour: step.colour, coats: coatsOf(step), done: status === 'done' }]
  })
}
