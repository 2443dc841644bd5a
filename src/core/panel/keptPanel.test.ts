import type { Step } from '../model/sequence'
import { panelSamples } from '../surface/panelSamples'
import { type KeptPanel, laidPanel } from './keptPanel'
import { planned } from './tests/planned'

const samples = panelSamples({
  features: [
    { kind: 'plate', x: 4, y: 3, w: 5, h: 3, height: 0.5, bevel: 0.3, corner: 0.3 },
    {
      kind: 'line',
      path: [
        [0, 6],
        [10, 6],
      ],
      width: 0.4,
      depth: 0.3,
    },
  ],
  widthMm: 10,
  heightMm: 8,
  pxPerMm: 5,
  stands: 'upright',
  gravity: 90,
  travel: 0,
})
const RUN = { samples, seed: 3, scale: 72 }

function laid(steps: readonly Record<string, unknown>[], before?: KeptPanel, run = RUN): KeptPanel {
  return laidPanel(planned(steps), run, ...(before ? [before] : []))
}

const STEPS = [
  { do: 'prime' },
  { do: 'base', family: 'alcohol-acrylic', colour: '#C9C4B4' },
  { do: 'clear', family: 'lacquer', sheen: 'gloss' },
  { do: 'line' },
  { do: 'streak', amount: 1 },
  { do: 'dust' },
]
const changed = (at: number, fields: object) =>
  STEPS.map((step, i) => (i === at ? { ...step, ...fields } : step))

test.each([
  [5, { amount: 0.9 }],
  [3, { colour: '#101010' }],
  [2, { sheen: 'matt' }],
  [0, { colour: '#3A3A3A' }],
])(
  'a change of step %d is gone on with from there, and comes to what all of it anew would',
  (at, fields) => {
    const before = laid(STEPS)
    const after = laid(changed(at, fields), before)
    expect(after.states).toEqual(laid(changed(at, fields)).states)
    expect(after.states[at]).toBe(before.states[at])
    expect(after.states[at + 1]).not.toEqual(before.states[at + 1])
  },
)

test('undone, a change gives the old states', () => {
  const before = laid(STEPS)
  const back = laid(STEPS, laid(changed(3, { amount: 1 }), before))
  expect(back.states).toEqual(before.states)
})

test('another seed begins anew', () => {
  const before = laid(STEPS)
  const other = laid(STEPS, before, { ...RUN, seed: 4 })
  expect(other.states[1]).not.toBe(before.states[1])
  expect(other.plan.sequence.steps[0] as Step).toEqual(STEPS[0])
})
