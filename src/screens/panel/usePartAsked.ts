import { useMemo } from 'react'
import { shapeOfPart } from '@/core/builds'
import { useProject } from '@/state/hooks'
import type { PartAsked } from '@/state/panelDesks'
import type { Tried } from './tried'

/** The part with what lies on it, as it is asked for; null: it isn't, or has no shape. */
export function usePartAsked(
  { build, part }: Tried,
  own: Pick<PartAsked, 'sequence' | 'seed' | 'at' | 'away'>,
  wanted: boolean,
): Omit<PartAsked, 'most'> | null {
  const { meshes = [] } = useProject()
  const mesh = meshes.find(({ id }) => id === part?.mesh)
  const drawn = useMemo(
    () => (wanted && build && part ? shapeOfPart(build, part, mesh) : null),
    [wanted, build, part, mesh],
  )
  const { sequence, seed, at, away } = own
  return useMemo(() => {
    if (!drawn || !part) return null
    const name = JSON.stringify([build?.id, part.id, part.standIn, part.mesh, drawn.zones])
    return { name, drawn, standIn: part.standIn ?? null, sequence, seed, at, away }
  }, [build, part, drawn, sequence, seed, at, away])
}
