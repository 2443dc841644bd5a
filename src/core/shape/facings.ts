import type { ZoneFacing } from '../model/shape'

/** Up and down is what is within 45° of the vertical. */
export const STEEP = Math.SQRT1_2
/** A zone that sees less of the sky than this lies inside. */
const INSIDE = 0.4

/** Of a zone, its triangles' normals, area, height and openness added up. */
export type ZoneSum = { area: number; up: number; x: number; y: number; z: number; open: number }

/** What zones are called by where they face, top first. */
export const NAMES: readonly { name: string; facing: ZoneFacing; is: (sum: ZoneSum) => boolean }[] =
  [
    { name: 'Inside', facing: 'inside', is: ({ open, area }) => open < INSIDE * area },
    { name: 'Top', facing: 'up', is: ({ z, ...sum }) => z > STEEP * lengthOf({ z, ...sum }) },
    {
      name: 'Underside',
      facing: 'down',
      is: ({ z, ...sum }) => z < -STEEP * lengthOf({ z, ...sum }),
    },
    { name: 'Front', facing: 'front', is: ({ x, y }) => x > Math.abs(y) },
    { name: 'Rear', facing: 'rear', is: ({ x, y }) => -x > Math.abs(y) },
    { name: 'Port', facing: 'side', is: ({ y }) => y > 0 },
    { name: 'Starboard', facing: 'side', is: ({ y }) => y < 0 },
    { name: 'All round', facing: 'side', is: () => true },
  ]

function lengthOf({ x, y, z }: ZoneSum): number {
  return Math.hypot(x, y, z)
}

/** What a zone is called, and where it faces. */
export function saidOf(sum: ZoneSum): { name: string; facing: ZoneFacing } {
  // What looks every way looks none: a ball of one zone.
  const round = lengthOf(sum) < 0.05 * sum.area && sum.open >= INSIDE * sum.area
  const row = round ? NAMES.at(-1) : NAMES.find(({ is }) => is(sum))
  if (!row) throw new RangeError('saidOf: a zone faces nowhere')
  return row
}

/** Where a surface faces on the whole, by its normals added up. */
export function facingOf({ x, y, z }: { x: number; y: number; z: number }): ZoneFacing {
  return saidOf({ x, y, z, area: Math.hypot(x, y, z), up: 0, open: Number.POSITIVE_INFINITY })
    .facing
}
