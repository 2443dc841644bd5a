import type { Part } from '../model/build'
import type { ActStep } from '../model/sequence'
import type { PaintSource } from './paintFor'
import { stepCard } from './stepCard'

const PART: Part = { id: 'p', name: 'Hull', substrate: 'polystyrene', areaCm2: 100 }
const WASH: ActStep = { do: 'line', family: 'water-wash', colour: '#3B2F27' }
const READY: PaintSource = { name: 'Umber shade', share: 0.1, readyMade: true }

test.each([
  { why: 'a ready-made wash as it comes', step: WASH, paint: READY, names: ['Umber shade'] },
  {
    why: 'as strong as the step wants it, or weaker',
    step: { ...WASH, thinning: 0.9 },
    paint: READY,
    names: ['Umber shade'],
  },
  {
    why: 'thinned where it is to be weaker still',
    step: { ...WASH, thinning: 0.98 },
    paint: READY,
    names: ['Umber shade', 'thinner'],
  },
  {
    why: 'neat paint by the guide',
    step: WASH,
    paint: { name: 'Umber ink', share: 1 },
    names: ['Umber ink', 'thinner'],
  },
] as { why: string; step: ActStep; paint: PaintSource; names: string[] }[])(
  '$why',
  ({ step, paint, names }) => {
    const { mix } = stepCard(step, PART, 1, paint)
    expect(mix?.ingredients.filter(({ drops }) => drops > 0).map(({ name }) => name)).toEqual(names)
  },
)

it('to go from a tenth to 2 % a ready-made wash takes four times as much thinner', () => {
  const { mix } = stepCard({ ...WASH, thinning: 0.98 }, PART, 1, READY)
  const [wash, thinner] = mix?.ingredients ?? []
  expect((thinner?.ml ?? 0) / (wash?.ml ?? 1)).toBeCloseTo(4, 0)
})
