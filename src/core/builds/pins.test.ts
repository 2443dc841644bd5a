import type { Build } from '../model/build'
import type { PhotoPin, Picture } from '../model/picture'
import { modelMm, wayBetween } from '../pictures/known'
import { pinnedSteps } from './pinnedSteps'
import { pinsByZone } from './pins'
import { wearOf } from './wear'

const BUILD = {
  id: 'b',
  name: 'Gannet’s Lament',
  scale: 72,
  parts: [{ id: 'hull', name: 'Hull', substrate: 'polystyrene' }],
  zones: [
    { id: 'top', name: 'Top', part: 'hull' },
    { id: 'side', name: 'Side', part: 'hull' },
  ],
  steps: [
    { id: 's1', parts: ['hull'], do: 'chip-sponge' },
    { id: 's2', parts: ['hull'], do: 'streak', zones: ['side'] },
    { id: 's3', parts: ['hull'], do: 'dust' },
  ],
} as Build

const pin = (fields: Partial<PhotoPin>): PhotoPin => ({
  id: 'p',
  at: [0.5, 0.5],
  effect: 'chip',
  zone: 'top',
  state: 'wanted',
  ...fields,
})
const picture = (...pins: Partial<PhotoPin>[]): Picture => ({
  id: 'x',
  name: 'Port side',
  at: '2026-03-14T19:00:00Z',
  kind: 'reference',
  build: 'b',
  width: 4000,
  height: 3000,
  pins: pins.map((fields, i) => pin({ id: `p${i}`, ...fields })),
})
const open = () => true

test('pins are listed by zone, those of none last, of this build alone', () => {
  const rows = pinsByZone(BUILD, [
    picture({ zone: 'side' }, { zone: 'top' }, { zone: 'gone' }),
    { ...picture({ zone: 'top' }), build: 'other' },
  ])
  expect(rows.map(({ zone, pins }) => [zone, pins.map((one) => one.pin.id)])).toEqual([
    ['top', ['p1']],
    ['side', ['p0']],
    [null, ['p2']],
  ])
})

test.each<[string, Partial<PhotoPin>[], object[]]>([
  [
    'size is the middle one that was seen, and strength a part of the most there may be',
    [{ mm: 0.3, strength: 0.2 }, { mm: 0.5, strength: 0.6 }, { mm: 4 }],
    [{ step: 's1', fields: { cause: 'as in the picture', markMm: 0.5, amount: 0.01 } }],
  ],
  [
    'ways are meant, round the circle too',
    [
      { effect: 'streak', zone: 'side', direction: 350 },
      { effect: 'streak', zone: 'side', direction: 20 },
    ],
    [{ step: 's2', fields: { cause: 'as in the picture', direction: 5 } }],
  ],
  ['a step of another zone is left', [{ effect: 'streak', zone: 'top', direction: 90 }], []],
  [
    'what is done, taken as it is or left out says nothing',
    [{ state: 'done' }, { state: 'accepted' }, { state: 'waived' }],
    [],
  ],
  ['a decal and what is missing are no wear', [{ effect: 'decal' }, { effect: 'missing' }], []],
])('%s', (_, pins, said) => {
  const steps = pinnedSteps(BUILD, [picture(...pins)], open)
  expect(steps.map(({ step, fields }) => ({ step: step.id, fields }))).toEqual(said)
})

const SIZED = {
  ...BUILD,
  parts: [{ ...BUILD.parts[0], areaCm2: 100 }],
  zones: [
    { id: 'top', name: 'Top', part: 'hull', areaCm2: 25, facing: 'up' },
    { id: 'side', name: 'Side', part: 'hull', areaCm2: 75, facing: 'side' },
  ],
} as Build

test('a pin beats what the wear map would say, and what it says is what the steps get', () => {
  const pictures = [
    picture(
      { mm: 0.5, strength: 0.8, direction: 40 },
      { effect: 'soot', zone: 'side' },
      { effect: 'streak', zone: 'side', strength: 0 },
    ),
  ]
  const of = (map: ReturnType<typeof wearOf>, zone: string, effect: string) =>
    map?.zones.find((one) => one.zone === zone)?.effects.find((one) => one.effect === effect)
  const [bare, pinned] = [wearOf(SIZED), wearOf(SIZED, pictures)]
  const chips = of(pinned, 'top', 'chips')
  expect(chips).toMatchObject({
    score: 0.8,
    medianMm: 0.5,
    direction: 40,
    cause: 'as in the picture',
  })
  expect(of(bare, 'top', 'chips')?.score).toBeLessThan(0.8)
  expect([of(bare, 'side', 'soot')?.score, of(pinned, 'side', 'soot')?.score]).toEqual([0, 0.5])
  expect(of(bare, 'side', 'streaks')?.score).toBe(0.5)
  expect(of(pinned, 'side', 'streaks')?.score).toBe(0)
  expect(of(pinned, 'side', 'chips')).toEqual(of(bare, 'side', 'chips'))
  for (const { planned, allowed } of pinned?.budgets ?? [])
    expect(planned).toBeLessThanOrEqual(allowed + 1e-9)
  const [step] = pinnedSteps(SIZED, pictures, open)
  expect(step?.step.id).toBe('s1')
  expect(step?.fields.amount).toBeCloseTo((chips?.share ?? 0) * 0.25, 3)
  expect(step?.fields.markMm).toBe(0.5)
})

test('a step that is done keeps what it was done with', () => {
  expect(pinnedSteps(BUILD, [picture({ mm: 1 })], (step) => step !== 's1')).toEqual([])
})

test.each<[string, Picture['known'], number | null]>([
  ['on the model', { from: [0, 0], to: [0.5, 0], mm: 50 }, 25],
  ['on the real thing', { from: [0, 0], to: [0.5, 0], mm: 3600, real: true }, 25],
  ['in a point', { from: [0.5, 0.5], to: [0.5, 0.5], mm: 50 }, null],
  ['nowhere', undefined, null],
])('a length that is known %s measures another', (_, known, mm) => {
  const own = { ...picture(), ...(known ? { known } : {}) }
  // 1000 px down: half of the 2000 px that are known.
  const found = modelMm(own, 72, [0.25, 0], [0.25, 1 / 3])
  if (mm === null) expect(found).toBeNull()
  else expect(found).toBeCloseTo(mm, 6)
})

test('a way goes by pixels, not by shares', () => {
  expect(wayBetween(picture(), [0, 0], [0.3, 0.4])).toBeCloseTo(45, 6)
  expect(wayBetween(picture(), [0.5, 0.5], [0.5, 0.1])).toBeCloseTo(270, 6)
})
