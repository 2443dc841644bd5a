import type { StandIn, ZoneFacing } from '../model/shape'
import { KINDS, lengthsOf } from './standInKinds'

/** What is known of a shape. Source: handbook 12.1. */
export type ShapeFacts = {
  areaCm2: number
  /** Shares of it that face up, sideways and down. */
  facing: { up: number; side: number; down: number }
  edgeMm: number
  /** Panel lines that a shape of its kind has; 0: none. */
  lineMm: number
  zones: ShapeZone[]
  /** Where its zones meet. */
  meets: ShapeEdge[]
}

/** Two zones that meet along so many mm; soft where the surface goes on without an edge. */
export type ShapeEdge = { a: string; b: string; mm: number; soft: boolean }

/** A zone that a shape proposes. */
export type ShapeZone = {
  id: string
  name: string
  facing: ZoneFacing
  height: number
  areaCm2: number
}

/** Panel lines on a panelled hull, mm on each cm². Source: handbook 12.1. */
const LINE_MM = 10

/** A shape that stands in for a part, measured. Source: handbook 12.1, 4.4. */
export function standInFacts(shape: StandIn): ShapeFacts {
  const { kind, complexity = 1 } = shape
  const row = KINDS[kind]
  const of = lengthsOf(shape)
  const patches = row.patches(of).filter(({ mm2 }) => mm2 > 0)
  const all = patches.reduce((sum, { mm2 }) => sum + mm2, 0)
  const share = (side: 'up' | 'down') =>
    patches.reduce((sum, patch) => sum + patch.mm2 * patch[side], 0) / all
  const [up, down] = [share('up'), share('down')]
  const areaCm2 = (all / 100) * complexity
  return {
    areaCm2,
    facing: { up, side: Math.max(0, 1 - up - down), down },
    edgeMm: row.edgeMm(of),
    lineMm: row.panelled ? areaCm2 * LINE_MM : 0,
    zones: patches.map(({ id, name, facing, height, mm2 }) => ({
      id,
      name,
      facing,
      height,
      areaCm2: (mm2 / 100) * complexity,
    })),
    meets: row.meets(of).flatMap(([a, b, mm, soft]) => {
      const there = (id: string) => patches.some((patch) => patch.id === id)
      return mm > 0 && there(a) && there(b) ? [{ a, b, mm, soft: soft !== undefined }] : []
    }),
  }
}
