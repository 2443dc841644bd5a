import { proposedZones } from '../../src/core/builds/proposedZones'
import type { MeshSize } from '../../src/core/mesh/size'
import type { Build, Part } from '../../src/core/model/build'
import type { Mesh } from '../../src/core/model/mesh'
import type { Zone } from '../../src/core/model/zone'
import { keptMesh } from '../../src/core/shape/keptMesh'
import { zoneMesh } from '../../src/core/shape/meshFacts'

/** A point, mm: x ahead, y to port, z up. */
type Place = readonly [number, number, number]

/** Limbs and body of the hound: from, to, how thick at either end, mm. */
const LIMBS: readonly (readonly [from: Place, to: Place, thick: number, thin: number])[] = [
  // Body, chest, neck, head, muzzle.
  [[-9, 0, 15], [6, 0, 16], 5.2, 5.8],
  [[6, 0, 16], [11, 0, 20], 5, 3.6],
  [[11, 0, 20], [15, 0, 22], 3.6, 3.4],
  [[15, 0, 21.5], [20, 0, 20], 2.6, 1.7],
  // Ears and tail.
  [[13, 2, 24], [12, 3, 27.5], 1.2, 0.6],
  [[13, -2, 24], [12, -3, 27.5], 1.2, 0.6],
  [[-13, 0, 16], [-20, 0, 21], 1.8, 0.9],
  // Legs, front and rear: thigh, shank, paw.
  ...[3.4, -3.4].flatMap((y) => [
    [[8, y, 13], [7, y, 7], 2.6, 1.8] as const,
    [[7, y, 7], [8.5, y, 2.5], 1.8, 1.5] as const,
    [[8.5, y, 2.5], [10.5, y, 2.2], 1.5, 1.4] as const,
    [[-10, y, 13.5], [-12.5, y, 7.5], 3.2, 1.9] as const,
    [[-12.5, y, 7.5], [-10, y, 2.6], 1.9, 1.5] as const,
    [[-10, y, 2.6], [-8, y, 2.2], 1.5, 1.4] as const,
  ]),
]
/** The base it stands on: how wide and high, mm. */
const BASE = { radius: 19, height: 1.6 } as const
/** How softly limbs run into one another, mm. */
const SOFT = 1.6
/** How finely it is printed, mm, and the box that it is looked for in. */
const FINE = 1.2
const BOX = { from: [-24, -21, -1.5], to: [24, 21, 30] } as const

/** How the file is meant. */
export const HOUND_SIZE: MeshSize = { unit: 'mm', scale: 1, up: 'z' }

/** The hound as a printed part: a binary STL, always the same. */
export function houndStl(): Uint8Array {
  const triangles = surfaceNet(distance)
  const bytes = new Uint8Array(84 + triangles.length * 50)
  const view = new DataView(bytes.buffer)
  view.setUint32(80, triangles.length, true)
  triangles.forEach((corners, t) => {
    corners.flat().forEach((mm, i) => {
      view.setFloat32(84 + t * 50 + 12 + i * 4, mm, true)
    })
  })
  return bytes
}

/** How far a point is from the surface, mm; below 0 it is inside. */
function distance(p: Place): number {
  const limbs = LIMBS.map(([from, to, thick, thin]) => limb(p, from, to, thick, thin))
  const body = limbs.reduce((near, one) => softest(near, one))
  const [x, y, z] = p
  const base = Math.max(Math.hypot(x, y) - BASE.radius, z - BASE.height, -z)
  return Math.min(body, base)
}

function limb(p: Place, from: Place, to: Place, thick: number, thin: number): number {
  const along = to.map((end, c) => end - (from[c] as number))
  const off = p.map((at, c) => at - (from[c] as number))
  const dot = (a: readonly number[], b: readonly number[]) =>
    a.reduce((sum, one, c) => sum + one * (b[c] as number), 0)
  const share = Math.min(1, Math.max(0, dot(off, along) / dot(along, along)))
  return (
    Math.hypot(...off.map((one, c) => one - share * (along[c] as number))) -
    (thick + share * (thin - thick))
  )
}

function softest(a: number, b: number): number {
  const share = Math.max(0, SOFT - Math.abs(a - b)) / SOFT
  return Math.min(a, b) - (share * share * SOFT) / 4
}

/** The surface between inside and outside: a point in every cell that it goes through, and a face across every edge. */
function surfaceNet(of: (p: Place) => number): [Place, Place, Place][] {
  const counts = BOX.from.map((from, c) => Math.ceil(((BOX.to[c] as number) - from) / FINE))
  const [nx, ny, nz] = counts.map((count) => count + 1) as [number, number, number]
  const at = (i: number, j: number, k: number) => (i * ny + j) * nz + k
  const place = (i: number, j: number, k: number): Place => [
    BOX.from[0] + i * FINE,
    BOX.from[1] + j * FINE,
    BOX.from[2] + k * FINE,
  ]
  const values = new Float64Array(nx * ny * nz)
  for (let i = 0; i < nx; i++)
    for (let j = 0; j < ny; j++)
      for (let k = 0; k < nz; k++) values[at(i, j, k)] = of(place(i, j, k))
  const cells = new Map<number, Place>()
  const cell = (i: number, j: number, k: number): Place => {
    const id = at(i, j, k)
    const known = cells.get(id)
    if (known) return known
    const made = middle(i, j, k, (a, b, c) => values[at(a, b, c)] as number, place)
    cells.set(id, made)
    return made
  }
  const triangles: [Place, Place, Place][] = []
  const face = (corners: readonly Place[], turned: boolean) => {
    const [a, b, c, d] = (turned ? corners.toReversed() : corners) as [Place, Place, Place, Place]
    triangles.push([a, b, c], [a, c, d])
  }
  for (let i = 1; i < nx - 1; i++)
    for (let j = 1; j < ny - 1; j++)
      for (let k = 1; k < nz - 1; k++) {
        const isIn = (values[at(i, j, k)] as number) < 0
        const across = (other: number) => (values[other] as number) < 0 !== isIn
        if (across(at(i + 1, j, k)))
          face([cell(i, j - 1, k - 1), cell(i, j, k - 1), cell(i, j, k), cell(i, j - 1, k)], !isIn)
        if (across(at(i, j + 1, k)))
          face([cell(i - 1, j, k - 1), cell(i - 1, j, k), cell(i, j, k), cell(i, j, k - 1)], !isIn)
        if (across(at(i, j, k + 1)))
          face([cell(i - 1, j - 1, k), cell(i, j - 1, k), cell(i, j, k), cell(i - 1, j, k)], !isIn)
      }
  return triangles
}

/** The mean of where the surface crosses the edges of a cell. */
function middle(
  i: number,
  j: number,
  k: number,
  value: (i: number, j: number, k: number) => number,
  place: (i: number, j: number, k: number) => Place,
): Place {
  const corners = [0, 1, 2, 3, 4, 5, 6, 7].map(
    (n) => [i + (n & 1), j + ((n >> 1) & 1), k + ((n >> 2) & 1)] as const,
  )
  const crossings = corners.flatMap((a, m) =>
    corners.slice(m + 1).flatMap((b): Place[] => {
      const apart = a.reduce((sum, one, c) => sum + Math.abs(one - (b[c] as number)), 0)
      const [from, to] = [value(...a), value(...b)]
      if (apart !== 1 || from < 0 === to < 0) return []
      const share = from / (from - to)
      const [start, end] = [place(...a), place(...b)]
      return [start.map((mm, c) => mm + share * ((end[c] as number) - mm)) as unknown as Place]
    }),
  )
  return [0, 1, 2].map(
    (c) => crossings.reduce((sum, point) => sum + (point[c] as number), 0) / crossings.length,
  ) as unknown as Place
}

/** What its zones are called. */
const CALLED: Readonly<Record<string, string>> = {
  inside: 'Belly and between the legs',
  top: 'Base',
  'top-2': 'Back and head',
  underside: 'Under the base',
  front: 'Chest',
  rear: 'Haunches',
  port: 'Port flank',
  starboard: 'Starboard flank',
  'starboard-2': 'Starboard hind leg',
}

/** The hound of the demo: its mesh, and its zones as a modeller would name them. */
export function houndOfDemo(): { mesh: Mesh; zones: Zone[] } {
  const zoned = zoneMesh('mire-hound.stl', houndStl(), HOUND_SIZE)
  const part: Part = { id: 'hound', name: 'Mire Hound', substrate: 'resin-printed' }
  const build: Build = { id: 'b', name: 'Mire Hound', parts: [part], steps: [] }
  const zones = proposedZones(build, part, zoned.facts).map((zone) => ({
    ...zone,
    name: CALLED[zone.faces?.[0] ?? ''] ?? zone.name,
  }))
  return { mesh: keptMesh('mire-hound', 'mire-hound.stl', zoned), zones }
}
