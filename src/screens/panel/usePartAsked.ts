import { useMemo } from 'react'
import { useProject } from '@/state/hooks'
import type { PartAsked } from '@/state/panelDesks'
import type { Tried } from './tried'

/** What draws the shape of a part. */
type Shapes = typeof import('@/core/builds/shapeOfPart')

/**
 * The part with what lies on it, as it is asked for.
 *
 * @param shapes null: the part isn't wanted, or they aren't here yet
 * @returns null: it isn't wanted, or has no shape
 */
export function usePartAsked(
  { build, part }: Tried,
  own: Pick<PartAsked, 'sequence' | 'seed' | 'at' | 'away'>,
  shapes: Shapes | null,
): Omit<PartAsked, 'most'> | null {
  const { meshes = [] } = useProject()
  const mesh = meshes.find(({ id }) => id === part?.mesh)
  const drawn = useMemo(
    () => (shapes && build && part ? shapes.shapeOfPart(build, part, mesh) : null),
    [shapes, build, part, mesh],
  )
  const { sequence, seed, at, away } = own
  return useMemo(() => {
    if (!drawn || !part) return null
    const name = JSON.stringify([build?.id, part.id, part.standIn, part.mesh, drawn.zones])
    return { name, drawn, standIn: part.standIn ?? null, sequence, seed, at, away }
  }, [build, part, drawn, sequence, seed, at, away])
}
