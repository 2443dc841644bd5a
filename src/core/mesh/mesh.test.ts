import fc from 'fast-check'
import { measureMesh } from './measure'
import type { MeshSize } from './size'
import { binaryStl, cube, obj, type Solid, sheet, sphere, textStl, torus } from './tests/meshes'
import { MeshError } from './triangles'

const OWN: MeshSize = { unit: 'mm', scale: 1, up: 'z' }
const WRITERS = [
  ['binary.stl', binaryStl],
  ['text.STL', textStl],
  ['some.obj', obj],
] as const

const SOLIDS: { name: string; solid: Solid; cm2: number; open: number }[] = [
  { name: 'sphere', solid: sphere(20, 64), cm2: (4 * Math.PI * 400) / 100, open: 0 },
  { name: 'cube', solid: cube(30), cm2: 54, open: 0 },
  { name: 'torus', solid: torus(30, 10, 64), cm2: (4 * Math.PI ** 2 * 300) / 100, open: 0 },
  { name: 'open sheet', solid: sheet(40, 25, 10), cm2: 10, open: 40 },
]

describe.each(SOLIDS)('a $name', ({ solid, cm2, open }) => {
  test.each(WRITERS)('has its area within 0.1 %% and its edges, as %s', (name, write) => {
    const measured = measureMesh(name, write(solid), OWN)
    expect(Math.abs(measured.areaCm2 / cm2 - 1)).toBeLessThan(0.001)
    expect(measured).toMatchObject({
      openEdges: open,
      crowdedEdges: 0,
      triangles: solid.faces.length,
    })
    const { up, side, down } = measured.facing
    expect(up + side + down).toBeCloseTo(1, 9)
  })
})

it('says what faces up, sideways and down', () => {
  expect(measureMesh('a.stl', binaryStl(cube(10)), OWN).facing).toEqual({
    up: expect.closeTo(1 / 6, 6),
    side: expect.closeTo(4 / 6, 6),
    down: expect.closeTo(1 / 6, 6),
  })
  const flat = binaryStl(sheet(40, 25, 2))
  expect(measureMesh('a.stl', flat, OWN).facing.up).toBe(1)
  expect(measureMesh('a.stl', flat, { ...OWN, up: 'y' }).facing.side).toBe(1)
})

test.each([
  [{ unit: 'cm', scale: 1 }, 100, 300],
  [{ unit: 'mm', scale: 10 }, 0.01, 3],
  [{ unit: 'm', scale: 100 }, 100, 300],
] as const)('unit and scale: %j', (size, times, mm) => {
  const measured = measureMesh('a.obj', obj(cube(30)), { ...OWN, ...size })
  expect(measured.areaCm2).toBeCloseTo(54 * times, 3)
  for (const length of measured.sizeMm) expect(length).toBeCloseTo(mm, 3)
})

it('a model of an unlikely size, an open one and one with walls inside are told', () => {
  const warned = (solid: Solid, size: MeshSize = OWN) =>
    measureMesh('a.stl', binaryStl(solid), size).warnings.join(' ')
  expect(warned(cube(30))).toBe('')
  expect(warned(cube(30), { ...OWN, unit: 'm' })).toContain('30000 mm')
  expect(warned(cube(0.1))).toContain('0.10 mm')
  expect(warned(sheet(40, 25, 4))).toContain('open along 16 edges')
  const walls = cube(30)
  expect(warned({ ...walls, faces: [...walls.faces, [0, 1, 7]] })).toContain('More than two')
})

it('polygons and corners counted from the end are read', () => {
  const quad = 'v 0 0 0\nv 10 0 0\nv 10 10 0\nv 0 10 0\nvt 0 0\nf -4 -3 -2 -1\n'
  expect(measureMesh('q.obj', new TextEncoder().encode(quad), OWN)).toMatchObject({
    areaCm2: 1,
    triangles: 2,
  })
})

const text = (words: string) => new TextEncoder().encode(words)
test.each([
  ['a.step', text('x'), 'neither .stl nor .obj'],
  ['a.stl', text('solid x\nendsolid x\n'), 'no face'],
  ['a.stl', text('solid x\nvertex 1 2\n'), 'line 2: a corner has three numbers'],
  ['a.stl', text('solid x\nvertex 1 2 3\nendfacet\n'), 'line 3: a facet has three corners'],
  ['a.stl', text('solid x\nvertex 1 2 3\n'), 'ends within a facet'],
  ['a.stl', new Uint8Array(40), 'within its header'],
  ['a.stl', binaryStl(cube(10)).subarray(0, 200), 'says 12 triangles, and ends after 2'],
  ['a.stl', binaryStl({ ...cube(10), points: cube(10).points.map(() => [0, 0, 0]) }), 'no area'],
  ['a.obj', text('v 0 0 0\nf 1 2 3\n'), 'line 2: a face names corner 2, and there are 1'],
  ['a.obj', text('v 0 0 0\nf 1 1\n'), 'line 2: a face has three corners'],
  ['a.obj', text('v 0 nine 0\n'), 'line 1: a corner has three numbers'],
  ['a.obj', text('v 0 0 0\nf 1 1.5 1\n'), 'corner 1.5'],
  ['a.obj', text('v 1e999 0 0\nv 0 1 0\nv 0 0 1\nf 1 2 3\n'), 'no number'],
])('%s is refused: %s', (name, bytes, words) => {
  expect(() => measureMesh(name, bytes, OWN)).toThrow(MeshError)
  expect(() => measureMesh(name, bytes, OWN)).toThrow(words)
})

it('damaged files never hang, and are measured or refused', () => {
  const files = WRITERS.map(([name, write]) => ({ name, bytes: write(sphere(10, 6)) }))
  const damage = fc.record({
    file: fc.constantFrom(...files),
    at: fc.array(fc.record({ place: fc.nat(10_000), value: fc.nat(255) }), { maxLength: 40 }),
    cut: fc.double({ min: 0, max: 1, noNaN: true }),
  })
  fc.assert(
    fc.property(damage, ({ file, at, cut }) => {
      const bytes = file.bytes.slice(0, Math.ceil(file.bytes.length * cut))
      for (const { place, value } of at) bytes[place % Math.max(1, bytes.length)] = value
      try {
        expect(measureMesh(file.name, bytes, OWN).areaCm2).toBeGreaterThan(0)
      } catch (error) {
        expect(error).toBeInstanceOf(MeshError)
      }
    }),
    { seed: 9, numRuns: 400 },
  )
})

it('tells how far it is', () => {
  const told: number[] = []
  measureMesh('a.stl', binaryStl(cube(10)), OWN, (share) => told.push(share))
  expect(told.at(-1)).toBe(1)
})
