import type { PartPlan } from '@/core/builds'
import type { Build, Part } from '@/core/model/build'
import { coatsOf } from '@/core/model/coats'
import { isAct } from '@/core/model/isAct'
import type { Mesh } from '@/core/model/mesh'
import { resolveStep } from '@/core/stack'
import { Silhouette } from '@/ui/Silhouette'
import { useOutlines } from './useOutlines'

/** A part as its shape, in the colour that covers it now, within a box of pixels. Nothing where no shape was said. */
export function PartShape({
  build,
  part,
  meshes,
  plan,
  box,
  most = Number.POSITIVE_INFINITY,
}: {
  build: Build
  part: Part
  meshes: readonly Mesh[]
  plan: PartPlan | undefined
  box: { width: number; height: number }
  /** Pixels a millimetre at the most. */
  most?: number
}) {
  const outline = useOutlines()(part, meshes)
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
