import type { Part } from '@/core/model/build'
import type { Mesh } from '@/core/model/mesh'
import { drawnMesh } from '@/core/shape/keptMesh'
import { type Silhouette, silhouetteOf, silhouetteOfDrawn } from '@/core/shape/silhouette'

/** Outlines that were drawn: a part stays the same until it is edited. */
const drawn = new WeakMap<object, Silhouette | null>()

/** The outline of the shape or the mesh that a part is drawn by; null: none was said. */
export function outlineOf({ standIn, mesh: id }: Part, meshes: readonly Mesh[]): Silhouette | null {
  const mesh = meshes.find((one) => one.id === id)
  const by = standIn ?? mesh
  if (!by) return null
  const known = drawn.get(by)
  if (known !== undefined) return known
  const outline = standIn ? silhouetteOf(standIn) : mesh ? silhouetteOfDrawn(drawnMesh(mesh)) : null
  drawn.set(by, outline)
  return outline
}
