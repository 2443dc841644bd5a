import type { StandIn } from '../model/shape'
import type { DrawnShape } from '../shape/drawn'
import { meshSamples } from '../surface/meshSamples'
import type { Outlet, Samples } from '../surface/samples'
import type { Triangulated } from '../surface/subdivided'

/** Points closer than this are one, per mm. */
const PER_MM = 1000

/** Triangles that are drawn each for itself, as points that they share. */
function welded(soup: Float32Array): Triangulated {
  const points: number[] = []
  const corners = new Uint32Array(soup.length / 3)
  const known = new Map<string, number>()
  for (let c = 0; c < corners.length; c++) {
    const at = [0, 1, 2].map((k) => Math.round((soup[c * 3 + k] as number) * PER_MM))
    const key = at.join(' ')
    const before = known.get(key)
    if (before !== undefined) {
      corners[c] = before
      continue
    }
    corners[c] = points.length / 3
    known.set(key, corners[c] as number)
    points.push(...at.map((one) => one / PER_MM))
  }
  return { points: Float32Array.from(points), corners }
}

/** Where soot comes from: the mouth of what has one, at its front end. */
function outletsOf(standIn: StandIn | undefined): Outlet[] {
  if (!standIn?.mouthMm) return []
  return [{ x: (standIn.lengthMm ?? 0) / 2, y: 0, z: 0, diameter: standIn.mouthMm }]
}

/** A part as samples, with the corners of its triangles among them. */
export type PartSurface = { samples: Samples; corners: Uint32Array }

/**
 * A part's stand-in or mesh as a surface for the panel's acts.
 *
 * @param drawn its triangles, each with its zone's place
 * @param most points
 * @throws MeshError if nothing of it has an area
 * Source: handbook 10.2.
 */
export function partSurface(
  drawn: DrawnShape,
  standIn: StandIn | undefined,
  most?: number,
): PartSurface {
  const { corners, ...samples } = meshSamples(welded(drawn.points), {
    zoneOf: drawn.zoneOf,
    outlets: outletsOf(standIn),
    ...(most === undefined ? {} : { most }),
  })
  return { samples, corners }
}
