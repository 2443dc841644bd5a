import fc from 'fast-check'
import { BufferAttribute, BufferGeometry, DoubleSide, Ray, Vector3 } from 'three'
import { MeshBVH } from 'three-mesh-bvh'
import { measureMesh, readMesh } from '../mesh/measure'
import type { MeshSize } from '../mesh/size'
import { binaryStl, cube, obj, type Solid, sheet, sphere, torus } from '../mesh/tests/meshes'
import { coarser } from './coarser'
import { zoneMesh } from './meshFacts'
import { Cancelled } from './meshFields'
import { rayTree } from './rayTree'
import { solidOf } from './solid'
import { standInFacts } from './standIn'

const OWN: MeshSize = { unit: 'mm', scale: 1, up: 'z' }
const zoned = (solid: Solid, size = OWN) => zoneMesh('a.obj', obj(solid), size)
const at = (solid: Solid, x: number, y: number, z: number): Solid => ({
  ...solid,
  points: solid.points.map(([a, b, c]) => [a + x, b + y, c + z]),
})
const both = (one: Solid, other: Solid): Solid => ({
  points: [...one.points, ...other.points],
  faces: [
    ...one.faces,
    ...other.faces.map(
      (face) => face.map((i) => i + one.points.length) as [number, number, number],
    ),
  ],
})

/** A tube along x, open at both ends and thin, in so many rings. */
const tube = (radius: number, length: number, fine: number, rings: number): Solid => {
  const points = Array.from({ length: (rings + 1) * fine }, (_, i): [number, number, number] => {
    const turn = ((i % fine) / fine) * 2 * Math.PI
    const x = (Math.floor(i / fine) * length) / rings
    return [x, radius * Math.cos(turn), radius * Math.sin(turn)]
  })
  const faces = Array.from({ length: fine * rings }, (_, i): [number, number, number][] => {
    const next = i % fine === fine - 1 ? i + 1 - fine : i + 1
    return [
      [i, next + fine, i + fine],
      [i, next, next + fine],
    ]
  }).flat()
  return { points, faces }
}

describe('a box as a mesh', () => {
  const box: Solid = {
    ...cube(1),
    points: cube(1).points.map(([x, y, z]) => [x * 120, y * 60, z * 40]),
  }

  it('is what the stand-in is: zones, facing and edges', () => {
    const { facts } = zoned(box)
    const shape = standInFacts({ kind: 'box-hull', lengthMm: 120, widthMm: 60, heightMm: 40 })
    expect(facts.areaCm2).toBeCloseTo(shape.areaCm2, 3)
    expect(facts.edgeMm).toBeCloseTo(880, 2)
    for (const side of ['up', 'side', 'down'] as const)
      expect(facts.facing[side]).toBeCloseTo(shape.facing[side], 6)
    const row = ({ zones }: typeof facts) =>
      zones
        .map(({ id, facing, areaCm2, height }) => [
          id,
          facing,
          areaCm2.toFixed(3),
          height.toFixed(3),
        ])
        .sort()
    expect(row(facts)).toEqual(row(shape))
    const met = ({ meets }: typeof facts) =>
      meets.map(({ a, b, mm, soft }) => [[a, b].sort().join(), mm.toFixed(2), soft]).sort()
    expect(met(facts)).toEqual(met(shape))
  })

  it('stands up as it is said to', () => {
    const { zones } = zoned(box, { ...OWN, up: 'y' }).facts
    expect(zones.find(({ id }) => id === 'top')?.areaCm2).toBeCloseTo(48, 3)
    expect(zones.find(({ id }) => id === 'front')?.areaCm2).toBeCloseTo(24, 3)
  })
})

it('what was drawn inside out is turned', () => {
  const flipped = { ...cube(20), faces: cube(20).faces.map(([a, b, c]) => [a, c, b]) } as Solid
  const { facts, means } = zoned(flipped)
  expect(facts).toEqual(zoned(cube(20)).facts)
  expect(means.open).toBe(1)
})

it('a small zone joins its largest neighbour, and what lies apart what faces as it does', () => {
  const lamp = at(cube(2), 40, 10, 10)
  const { zones } = zoned(both(cube(30), lamp)).facts
  expect(zones.map(({ id }) => id).sort()).toEqual(
    ['top', 'underside', 'front', 'rear', 'port', 'starboard'].sort(),
  )
  // All of the lamp is one small zone, which is joined to the one that faces as it does.
  expect(zones.map(({ areaCm2 }) => areaCm2.toFixed(2)).sort()).toEqual([
    ...Array(5).fill('9.00'),
    '9.24',
  ])
})

it('thousands of loose flakes are zoned without a hang', () => {
  const flakes = Array.from({ length: 500 }, (_, i) => at(sheet(1, 1, 1), i * 2, 0, i % 7))
  const points = flakes.flatMap(({ points }) => points)
  const faces = flakes.flatMap(({ points, faces }, n) =>
    faces.map((face) => face.map((i) => i + n * points.length) as [number, number, number]),
  )
  expect(zoned({ points, faces }).facts.zones.length).toBe(1)
})

test.each([1, 20])('the inner side of a deep tube of %i rings is inside', (rings) => {
  const deep = tube(4, 80, 24, rings)
  const inwards = { ...deep, faces: deep.faces.map(([a, b, c]) => [a, c, b]) } as Solid
  // Two skins a little apart, one facing out and one in.
  const { facts } = zoned(both(tube(5, 80, 24, rings), inwards))
  const inside = facts.zones.filter(({ facing }) => facing === 'inside')
  expect(inside.length).toBeGreaterThan(0)
  const ratio = inside.reduce((sum, { areaCm2 }) => sum + areaCm2, 0) / facts.areaCm2
  expect(ratio).toBeCloseTo(4 / 9, 1)
})

it('a groove is a recess, its upper corners are edges, and the floor beside it is neither', () => {
  // A profile of a plate with a groove 2 wide and 2 deep, along y.
  const profile = [
    [0, 0],
    [10, 0],
    [10, -2],
    [12, -2],
    [12, 0],
    [22, 0],
  ]
  const points = profile.flatMap(([x, z]): [number, number, number][] =>
    [0, 10, 20].map((y) => [x as number, y, z as number]),
  )
  const faces = profile.slice(1).flatMap((_, i) =>
    [0, 1].flatMap((k): [number, number, number][] => {
      const a = i * 3 + k
      return [
        [a, a + 3, a + 4],
        [a, a + 4, a + 1],
      ]
    }),
  )
  const { fields } = zoned({ points, faces })
  const middle = (nth: number) => nth * 3 + 1
  expect(fields.recess[middle(2)]).toBeGreaterThan(0.1)
  expect(fields.recess[middle(0)]).toBe(0)
  expect(fields.edge[middle(1)]).toBe(1)
  expect([fields.edge[middle(0)], fields.edge[middle(2)]]).toEqual([0, 0])
  expect(fields.open[middle(0)]).toBeGreaterThan(0.95)
  expect([fields.level[middle(0)], fields.level[middle(2)]]).toEqual([1, 0])
})

it('zoning leaves the area alone, and is the same each time', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 3, max: 8 }),
      fc.integer({ min: 1, max: 9 }),
      fc.constantFrom('y' as const, 'z' as const),
      (fine, thick, up) => {
        const solid = both(torus(10, thick, fine), at(sphere(thick, fine), 3, 25, 0))
        const bytes = binaryStl(solid)
        const size = { ...OWN, up }
        const one = zoneMesh('a.stl', bytes, size)
        const sum = one.facts.zones.reduce((all, { areaCm2 }) => all + areaCm2, 0)
        expect(sum / measureMesh('a.stl', bytes, size).areaCm2).toBeCloseTo(1, 5)
        expect(Math.max(...one.zoneOf) + 1).toBe(one.facts.zones.length)
        expect(one.facts.zones.every(({ areaCm2 }) => areaCm2 >= 0.0199 * sum)).toBe(true)
        expect(zoneMesh('a.stl', bytes, size)).toEqual(one)
      },
    ),
    { seed: 12, numRuns: 12 },
  )
})

it('a plane that something rises over is told from one that nothing does', () => {
  const solid = solidOf(readMesh('a.stl', binaryStl(torus(20, 6, 24))), OWN)
  const { rises } = rayTree(solid)
  const farthest = (n: readonly [number, number, number]) => {
    let most = Number.NEGATIVE_INFINITY
    for (const corner of solid.corners)
      most = Math.max(
        most,
        n.reduce((sum, way, c) => sum + way * (solid.points[corner * 3 + c] as number), 0),
      )
    return most
  }
  const way = fc.double({ min: -1, max: 1, noNaN: true })
  fc.assert(
    fc.property(
      fc.tuple(way, way, way),
      fc.double({ min: -30, max: 30, noNaN: true }),
      (n, out) => {
        const length = Math.hypot(...n)
        fc.pre(length > 1e-3)
        const unit = n.map((one) => one / length) as [number, number, number]
        const most = farthest(unit)
        fc.pre(Math.abs(most - out) > 1e-4)
        expect(rises(...unit, out)).toBe(most > out)
      },
    ),
  )
})

it('the tree of rays says what the library says', () => {
  const solid = solidOf(readMesh('a.stl', binaryStl(torus(20, 6, 24))), OWN)
  const { meets } = rayTree(solid)
  const geometry = new BufferGeometry()
  geometry.setAttribute('position', new BufferAttribute(solid.points, 3))
  geometry.setIndex(new BufferAttribute(solid.corners.slice(), 1))
  const tree = new MeshBVH(geometry)
  const coordinate = fc.double({ min: -30, max: 30, noNaN: true })
  fc.assert(
    fc.property(
      fc.tuple(coordinate, coordinate, coordinate),
      fc.tuple(coordinate, coordinate, coordinate),
      (from, way) => {
        const direction = new Vector3(...way)
        fc.pre(direction.length() > 1e-3)
        direction.normalize()
        const hit = tree.raycastFirst(new Ray(new Vector3(...from), direction), DoubleSide)
        expect(meets(...from, direction.x, direction.y, direction.z)).toBe(hit !== null)
      },
    ),
    { seed: 12, numRuns: 1500 },
  )
})

it('a mesh too fine is made coarser, with the area of the whole', () => {
  const solid = solidOf(readMesh('a.stl', binaryStl(torus(30, 10, 100))), OWN)
  expect(coarser(solid)).toBe(solid)
  const few = coarser(solid, 8000)
  expect(few.areas.length).toBeLessThan(6000)
  expect(few.areas.length).toBeGreaterThan(2000)
  const area = (of: typeof solid) => of.areas.reduce((sum, one) => sum + one, 0)
  expect(area(few) / area(solid)).toBeCloseTo(1, 1)
})

it('work that is not wanted any more ends', () => {
  const stop = (share: number) => {
    if (share > 0.1) throw new Cancelled()
  }
  expect(() => zoneMesh('a.obj', obj(torus(20, 6, 60)), OWN, stop)).toThrow(Cancelled)
})
