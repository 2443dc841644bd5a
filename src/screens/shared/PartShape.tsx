import type { PartPlan } from '@/core/builds'
import type { Build, Part } from '@/core/model/build'
import { coatsOf } from '@/core/model/coats'
import { isAct } from '@/core/model/isAct'
import type { Mesh } from '@/core/model/mesh'
import { drawnMesh } from '@/core/shape/keptMesh'
import {
  type Silhouette as Outline,
  silhouetteOf,
  silhouetteOfDrawn,
} from '@/core/shape/silhouette'
import { resolveStep } from '@/core/stack'
import { Silhouette } from '@/ui/Silhouette'

/** Outlines that were drawn: a part stays the same until it is edited. */
const drawn = new WeakMap<object, Outline | null>()

/** The outline of the shape or the mesh that a part is drawn by; null: none was said. */
export function outlineOf({ standIn, mesh: id }: Part, meshes: readonly Mesh[]): Outline | null {
  const mesh = meshes.find((one) => one.id === id)
  const by = standIn ?? mesh
  if (!by) return null
  const known = drawn.get(by)
  if (known !== undefined) return known
  const outline = standIn ? silhouetteOf(standIn) : mesh ? silhouetteOfDrawn(drawnMesh(mesh)) : null
  drawn.set(by, outline)
  return outline
}

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
  const outline = outlineOf(part, meshes)
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
