import { deltaE00 } from '../colour/spectrum'
import { around } from '../surface/around'
import { meshSamples } from '../surface/meshSamples'
import { panelSamples } from '../surface/panelSamples'
import type { Samples } from '../surface/samples'
import { subdivided } from '../surface/subdivided'
import { insideOf, lightsOf } from './compose'
import { laidPanel } from './keptPanel'
import { meanLab } from './measures/measures'
import { planned } from './tests/planned'

/** A square of 12 mm that stands, seen from its front. */
const SQUARE = {
  points: Float32Array.from([0, 0, 0, 12, 0, 0, 12, 0, 12, 0, 0, 12]),
  corners: Uint32Array.from([0, 1, 2, 0, 2, 3]),
}
const mesh = meshSamples(SQUARE, { zoneOf: [0, 1] })
const flat = panelSamples({
  features: [],
  widthMm: 12,
  heightMm: 12,
  pxPerMm: 5,
  stands: 'upright',
  gravity: 90,
  travel: 0,
})

function laid(samples: Samples, steps: readonly object[]) {
  const { states } = laidPanel(planned(steps), { samples, seed: 5, scale: 72 })
  const state = states.at(-1) as (typeof states)[number]
  return {
    state,
    mean: meanLab(samples, lightsOf(insideOf(state.films, samples.count, '#8B8C8B'), state)),
  }
}

const BASE = [
  { do: 'prime' },
  { do: 'base', family: 'lacquer', colour: '#A8231F', coats: ['light', 'light'] },
]

test('16: a flat square on a panel and on a mesh has one mean colour', () => {
  for (const more of [[], [{ do: 'filter' }], [{ do: 'clear', family: 'lacquer', sheen: 'matt' }]])
    expect(
      deltaE00(laid(mesh, [...BASE, ...more]).mean, laid(flat, [...BASE, ...more]).mean),
    ).toBeLessThan(0.5)
})

test('no side is longer than it may be, the area stays, and every point has its zone', () => {
  const { points, corners } = subdivided(SQUARE, 0.6, 400_000)
  for (let c = 0; c < corners.length; c++) {
    const [a, b] = [corners[c] as number, corners[c % 3 === 2 ? c - 2 : c + 1] as number]
    expect(
      Math.hypot(
        ...[0, 1, 2].map((k) => (points[a * 3 + k] as number) - (points[b * 3 + k] as number)),
      ),
    ).toBeLessThanOrEqual(0.6)
  }
  expect(mesh.area.reduce((sum, one) => sum + one, 0)).toBeCloseTo(144, 2)
  expect(new Set(mesh.plate)).toEqual(new Set([1, 2]))
})

test('so many points are never passed', () => {
  expect(subdivided(SQUARE, 0.1, 500).points.length / 3).toBeLessThanOrEqual(500)
})

test('a streak on a mesh runs down it', () => {
  const steps = [...BASE, { do: 'chip-brush', amount: 1, markMm: 1.5 }, { do: 'streak', amount: 1 }]
  const { streaks } = laid(mesh, steps).state
  expect(streaks.length).toBeGreaterThan(0)
  for (const { dz, length } of streaks) expect(-dz / length).toBeGreaterThan(0.8)
})

test('tape on a zone of a mesh keeps colour off it alone', () => {
  const steps = [{ do: 'tape', zone: { plate: 1 } }, ...BASE]
  const { state } = laid(mesh, steps)
  const bare = (i: number) => state.films.every(({ x }) => x[i] === 0)
  for (let i = 0; i < mesh.count; i++) expect(bare(i)).toBe(mesh.plate[i] === 2)
})

test('what is round is round on a wall of a mesh too', () => {
  const middle = mesh.x.findIndex((x, i) => Math.hypot(x - 6, (mesh.z[i] as number) - 6) < 0.5)
  const far = new Map<number, number>()
  around(mesh, middle, 2, (i, off) => far.set(i, off))
  expect(far.size).toBeGreaterThan(20)
  for (const [i, off] of far)
    expect(off).toBeCloseTo(
      Math.hypot(
        (mesh.x[i] as number) - (mesh.x[middle] as number),
        (mesh.z[i] as number) - (mesh.z[middle] as number),
      ),
      5,
    )
})
