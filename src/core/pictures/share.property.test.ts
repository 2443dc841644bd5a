import { labsOfLights } from '../colour/manyLabs'
import type { Lab } from '../colour/spectrum'
import { readPanel } from '../formats/panelRequest'
import { insideOf, lightsOf } from '../panel/compose'
import { laidPanel } from '../panel/keptPanel'
import { measuresOf } from '../panel/measures/measures'
import { panelSurface } from '../panel/panelSurface'
import { panelPlan } from '../panel/runPanel'
import { PRIMER } from '../stack/state/filmColours'
import { drawn } from '../surface/noise'
import { countedShare, patchesDiffer } from './share'

/** A panel that was chipped by so much, as a camera sees it: its light with noise and a cast; and what share is chipped in truth. */
function photographed(amount: number, noise: number, cast: readonly [number, number, number]) {
  const read = readPanel({
    format: 'tectoria-panel',
    version: 1,
    panel: { widthMm: 48, heightMm: 30, pxPerMm: 5 },
    sequence: {
      format: 'tectoria-sequence',
      version: 1,
      substrate: 'polystyrene',
      steps: [
        { do: 'prime' },
        {
          do: 'base',
          family: 'alcohol-acrylic',
          colour: '#8FA07A',
          coats: ['light', 'light', 'light'],
        },
        { do: 'chip-sponge', colour: '#2E1E16', amount },
      ],
    },
  })
  if (!read.ok) throw new Error(JSON.stringify(read.problems))
  const run = panelSurface(read.value.panel)
  const state = laidPanel(panelPlan(read.value.sequence), run).states.at(-1)
  if (!state) throw new Error('no state')
  const lights = lightsOf(insideOf(state.films, run.samples.count, PRIMER), state)
  const measures = measuresOf(run.samples, state, lights, { ground: PRIMER, scale: 72 })
  const random = drawn(11)
  const seen = lights.map((one, i) =>
    Math.max(0, one * (cast[i % 3] as number) * (1 + noise * (random() - 0.5))),
  )
  const flat = labsOfLights(seen)
  const labs: Lab[] = []
  for (let i = 0; i < flat.length; i += 3)
    labs.push({ l: flat[i] as number, a: flat[i + 1] as number, b: flat[i + 2] as number })
  return { labs, truth: measures.chips?.share ?? 0 }
}

it.each([
  { amount: 0.3, noise: 0, cast: [1, 1, 1] as const },
  { amount: 0.6, noise: 0.1, cast: [1, 1, 1] as const },
  { amount: 0.9, noise: 0.1, cast: [1.05, 1, 0.8] as const },
])(
  'amount $amount with noise $noise: the share is found within a tenth of it',
  ({ amount, noise, cast }) => {
    const { labs, truth } = photographed(amount, noise, cast)
    const byLightness = [...labs].sort((a, b) => a.l - b.l)
    // A person taps a few chips and a few places of the face.
    const is = byLightness.slice(20, 40)
    const isnt = byLightness.slice(-2000, -1900)
    const { share, from, to } = countedShare(labs, is, isnt)
    expect(truth).toBeGreaterThan(0.01)
    expect(Math.abs(share - truth) / truth).toBeLessThan(0.1)
    expect(from).toBeLessThanOrEqual(share)
    expect(to).toBeGreaterThanOrEqual(share)
  },
)

const grey = (l: number): Lab => ({ l, a: 0, b: 0 })

it('two patches differ by their means, and the second may be lighter', () => {
  const { deltaE00, lighter } = patchesDiffer([grey(40), grey(44)], [grey(48), grey(50)])
  expect(lighter).toBeCloseTo(7, 9)
  expect(deltaE00).toBeGreaterThan(5)
  expect(patchesDiffer([grey(40)], [grey(40)])).toEqual({ deltaE00: 0, lighter: 0 })
})

it('what has no sample can’t be told', () => {
  expect(() => countedShare([grey(1)], [], [grey(1)])).toThrow(RangeError)
})
