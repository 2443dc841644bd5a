import { drawnStandIn } from '../shape/drawn'
import { laidPanel } from './keptPanel'
import { partSurface } from './partSurface'
import { planned } from './tests/planned'

const HULL = { kind: 'box-hull', lengthMm: 30, widthMm: 12, heightMm: 8 } as const
const drawn = drawnStandIn(HULL)
const { samples, corners } = partSurface(drawn, HULL, 4000)
const zones = new Map(drawn.zones.map((zone, place) => [zone, place]))
const lay = (steps: readonly object[]) => {
  const { states } = laidPanel(planned(steps), { samples, seed: 1, scale: 72, zones })
  return states.at(-1) as (typeof states)[number]
}
const plateOf = (zone: string) => (zones.get(zone) as number) + 1

test('triangles share their points, and every point has a zone of the shape', () => {
  expect(corners.length / 3).toBeGreaterThan(samples.count)
  expect(new Set(samples.plate)).toEqual(new Set(drawn.zones.map(plateOf)))
  expect(samples.area.reduce((sum, one) => sum + one, 0)).toBeCloseTo(
    2 * (30 * 12 + 30 * 8 + 12 * 8),
    0,
  )
})

test.each([['top'], ['port']])('a step for the zone %s is laid there alone', (zone) => {
  const [film] = lay([{ do: 'prime', zones: [zone] }]).films
  for (let i = 0; i < samples.count; i++)
    expect((film?.x[i] as number) > 0).toBe(samples.plate[i] === plateOf(zone))
})

test('a step whose zones are none of this part is for all of it', () => {
  const [film] = lay([{ do: 'prime', zones: ['elsewhere'] }]).films
  expect(film?.x.every((x) => x > 0)).toBe(true)
})

test('chips of a part lie on its edges, and details that nobody placed lie nowhere', () => {
  const { films } = lay([
    { do: 'prime' },
    { do: 'chip-sponge', colour: '#222222' },
    { do: 'detail', family: 'water-acrylic', colour: '#B98A2F' },
  ])
  const chips = films.find(({ kind }) => kind === 'mark')
  let [on, off] = [0, 0]
  for (let i = 0; i < samples.count; i++)
    if ((chips?.cover?.[i] ?? 0) > 0) {
      if ((samples.edge[i] as number) > 0.2) on++
      else off++
    }
  expect(on).toBeGreaterThan(3 * off)
  expect(films.at(-1)?.x.every((x) => x === 0)).toBe(true)
})

test.each([
  [{ kind: 'bell', diameterMm: 10, mouthMm: 16, lengthMm: 20 } as const, 1],
  [HULL, 0],
])('soot comes out of the mouth of what has one', (shape, many) => {
  const surface = partSurface(drawnStandIn(shape), shape, 3000)
  expect(surface.samples.outlets).toHaveLength(many)
})

test('facets of what is flat or round hold no wash, an inner corner does', () => {
  // A floor in four pieces that dips a little, and a wall that stands on it.
  const at = (x: number, y: number, z: number) => [x, y, z]
  const quads = [
    [at(0, 0, 0.2), at(6, 0, 0), at(6, 6, 0), at(0, 6, 0.2)],
    [at(6, 0, 0), at(12, 0, 0.2), at(12, 6, 0.2), at(6, 6, 0)],
    [at(0, 6, 0.2), at(6, 6, 0), at(6, 6, 6), at(0, 6, 6)],
    [at(6, 6, 0), at(12, 6, 0.2), at(12, 6, 6), at(6, 6, 6)],
  ]
  const points = Float32Array.from(
    quads.flatMap(([a = [], b = [], c = [], d = []]) => [a, b, c, a, c, d].flat()),
  )
  const floor = partSurface(
    { points, zoneOf: new Int32Array(8).fill(0), zones: ['all'] },
    undefined,
    4000,
  ).samples
  const recessAt = (is: (x: number, y: number, z: number) => boolean) =>
    Math.max(
      ...Array.from(floor.recess).filter((_, i) =>
        is(floor.x[i] as number, floor.y[i] as number, floor.z[i] as number),
      ),
    )
  expect(recessAt((x, y) => Math.abs(x - 6) < 0.01 && y < 5)).toBe(0)
  expect(recessAt((_, y, z) => y > 5.99 && z < 0.25)).toBeGreaterThan(0.1)
})
