import { coatMinutes, maskMinutes } from './minutes'

/** Ways to get one colour onto a detail. Source: handbook 12.3. */
export const DETAIL_WAYS = ['mask', 'brush', 'freehand', 'wash-fill'] as const

/** A way to get one colour onto a detail. */
export type DetailWay = (typeof DETAIL_WAYS)[number]

/** A detail: its area, cm², its hard edges, mm, and what of it lets other ways do. */
export type Detail = {
  areaCm2: number
  edgeMm: number
  /** A soft edge of 2 mm is right. */
  softEdge?: boolean
  /** It is a recess with a lip, so deep, mm. */
  recessMm?: number
}

/** Minutes, and what they are of. Source: handbook 12.3. */
const MINUTES = {
  /** To take a mask off. */
  unmask: 1,
  /** By brush, for each cm². */
  brush: 1,
  /** To let a wash run into a recess. */
  washFill: 2,
  /** To touch up, where it has to be. */
  touchUp: 4,
} as const
/** How often a way has to be touched up. */
const TOUCHED_UP = { mask: 0.1, brush: 0.25 } as const
/** A recess deeper than this doesn't fill in one go, mm. */
const FILLS = 2

/**
 * The ways that serve a detail with their minutes, the quickest first; the coat itself counts for what is sprayed.
 *
 * Source: handbook 12.3.
 */
export function detailWays({
  areaCm2,
  edgeMm,
  softEdge = false,
  recessMm,
}: Detail): { way: DetailWay; minutes: number }[] {
  const { unmask, brush, washFill, touchUp } = MINUTES
  const sprayed = coatMinutes(areaCm2)
  const ways: { way: DetailWay; minutes: number; serves: boolean }[] = [
    {
      way: 'mask',
      minutes: maskMinutes(edgeMm) + unmask + sprayed + TOUCHED_UP.mask * touchUp,
      serves: true,
    },
    { way: 'brush', minutes: areaCm2 * brush + TOUCHED_UP.brush * touchUp, serves: true },
    { way: 'freehand', minutes: sprayed, serves: softEdge },
    { way: 'wash-fill', minutes: washFill, serves: recessMm !== undefined && recessMm < FILLS },
  ]
  return ways
    .filter(({ serves }) => serves)
    .sort((a, b) => a.minutes - b.minutes)
    .map(({ way, minutes }) => ({ way, minutes }))
}
