import fc from 'fast-check'
import { dot, nearestOnLine, triangleDistance, type Vec } from './triangle'

const coordinate = fc.double({ min: -20, max: 20, noNaN: true })
const vec = fc.tuple(coordinate, coordinate, coordinate)
const share = fc.double({ min: 0, max: 1, noNaN: true })

const length = (v: Vec) => Math.sqrt(dot(v, v))
const between = (points: readonly Vec[], shares: readonly number[]): Vec =>
  [0, 1, 2].map((i) =>
    points.reduce((sum, one, p) => sum + (one[i] ?? 0) * (shares[p] ?? 0), 0),
  ) as unknown as Vec

it('no point of a line is nearer than the nearest, and that one is on the line', () => {
  fc.assert(
    fc.property(vec, vec, share, (a, b, t) => {
      const { shares, distance } = nearestOnLine(a, b)
      expect(shares[0] + shares[1]).toBeCloseTo(1, 12)
      expect(Math.min(...shares)).toBeGreaterThanOrEqual(0)
      expect(length(between([a, b], shares))).toBeCloseTo(distance, 9)
      expect(length(between([a, b], [1 - t, t]))).toBeGreaterThanOrEqual(distance - 1e-9)
    }),
  )
})

it('no point of a triangle is nearer than its distance, which some point comes to', () => {
  fc.assert(
    fc.property(vec, vec, vec, share, share, (a, b, c, s, t) => {
      const distance = triangleDistance(a, b, c)
      const [u, v] = s + t > 1 ? [1 - s, 1 - t] : [s, t]
      expect(length(between([a, b, c], [1 - u - v, u, v]))).toBeGreaterThanOrEqual(distance - 1e-7)
      const sides = [nearestOnLine(a, b), nearestOnLine(b, c), nearestOnLine(a, c)]
      expect(distance).toBeLessThanOrEqual(Math.min(...sides.map((side) => side.distance)) + 1e-9)
    }),
  )
})

it('a sliver is no farther than its sides', () => {
  const [a, b, c]: [Vec, Vec, Vec] = [
    [0, 0.007236768718276434, 0],
    [0, 0, -7.2357999236907325e-9],
    [0, -5.567874539940191e-8, 0],
  ]
  const sides = [nearestOnLine(a, b), nearestOnLine(b, c), nearestOnLine(a, c)]
  expect(triangleDistance(a, b, c)).toBeLessThanOrEqual(
    Math.min(...sides.map((side) => side.distance)) + 1e-9,
  )
})

test.each([
  ['around the origin', [1, -1, 0], [-1, -1, 0], [0, 2, 0], 0],
  ['above it', [1, -1, 3], [-1, -1, 3], [0, 2, 3], 3],
  ['nearest at a corner', [2, 0, 0], [3, 1, 0], [3, -1, 0], 2],
  ['nearest on a side', [1, 1, 0], [1, -1, 0], [4, 0, 0], 1],
  ['all in a line', [1, 0, 0], [2, 0, 0], [3, 0, 0], 1],
] as [string, Vec, Vec, Vec, number][])('a triangle %s', (_, a, b, c, distance) => {
  expect(triangleDistance(a, b, c)).toBeCloseTo(distance, 12)
})
