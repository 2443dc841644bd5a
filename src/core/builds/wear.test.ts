import { deltaE00, labOf } from '../colour/spectrum'
import { applyEdit, NOTHING_LOGGED } from '../model/applyEdit'
import type { Build, BuildAct, BuildStep } from '../model/build'
import { chipContrast, wearEdit, wearOf, wornSteps } from './wear'

const CHIP = { do: 'chip-sponge', family: 'water-acrylic' }
const BUILD: Build = {
  id: 'b',
  name: 'Corriebreck 1100',
  scale: 24,
  parts: [{ id: 'car', name: 'Body', substrate: 'polystyrene', areaCm2: 200 }],
  zones: [
    {
      id: 'nose',
      part: 'car',
      name: 'Nose',
      areaCm2: 40,
      facing: 'front',
      height: 0.4,
      wear: ['leading'],
      edges: [{ zone: 'roof', mm: 60 }],
    },
    { id: 'roof', part: 'car', name: 'Roof', areaCm2: 160, facing: 'up', height: 1 },
  ],
  events: [{ event: 'gravel-road', zone: 'nose', strength: 0.8 }],
  steps: [
    { ...CHIP, id: 's0', parts: ['car'], zones: ['nose'] },
    { do: 'dust', id: 's1', parts: ['car'] },
    { do: 'base', family: 'enamel', id: 's2', parts: ['car'] },
  ] as BuildStep[],
}
const map = () => wearOf(BUILD) as NonNullable<ReturnType<typeof wearOf>>
const of = (zone: string, effect: string) =>
  map()
    .zones.find((one) => one.zone === zone)
    ?.effects.find((one) => one.effect === effect)

it('reckons every zone with its edges, what wears it and its story', () => {
  // 0.6 of 60 mm of edge on 40 cm², 0.4 for leading, 0.3 of a gravel road at 0.8.
  expect(of('nose', 'chips')?.score).toBeCloseTo(0.6 * (60 / 4000) + 0.4 + 0.24, 6)
  expect(of('roof', 'chips')?.score).toBeCloseTo(0.6 * (60 / 16000), 6)
  expect(of('roof', 'dust')?.score).toBeCloseTo(0.6, 6)
})

it('a build without zones has no map', () => {
  expect(wearOf({ ...BUILD, zones: [] })).toBeNull()
})

it('puts how much, where, how large, which way and why into the steps that leave wear', () => {
  const steps = wornSteps(BUILD, map(), () => true)
  expect(steps.map(({ step }) => step.id)).toEqual(['s0', 's1'])
  const done = applyEdit(BUILD, wearEdit(steps), NOTHING_LOGGED, () => 'n')
  if (!done.ok) throw new Error(done.why)
  const [chips, dust, base] = done.build.steps as BuildAct[]
  expect(chips).toMatchObject({ where: 'edges', direction: 0, cause: 'Gravel road' })
  expect(chips?.amount).toBeCloseTo(of('nose', 'chips')?.share as number, 3)
  expect(chips?.markMm).toBeCloseTo(of('nose', 'chips')?.medianMm as number, 2)
  const shares = (of('nose', 'dust')?.share ?? 0) * 0.2 + (of('roof', 'dust')?.share ?? 0) * 0.8
  expect(dust?.amount).toBeCloseTo(shares, 3)
  expect(dust?.markMm).toBeUndefined()
  expect(base).toEqual(BUILD.steps[2])
})

it('leaves what is done as it is', () => {
  expect(wornSteps(BUILD, map(), (step) => step !== 's0').map(({ step }) => step.id)).toEqual([
    's1',
  ])
})

describe('how much chips stand out', () => {
  const paint = (colour?: string) => ({
    do: 'base',
    family: 'lacquer',
    ...(colour ? { colour } : {}),
  })
  const contrast = (...steps: object[]) =>
    chipContrast({
      id: 'b',
      name: 'Hulk',
      parts: [{ id: 'p', name: 'Hull', substrate: 'polystyrene' }],
      steps: steps.map((step, i) => ({ ...step, id: `s${i}`, parts: ['p'] }) as BuildStep),
    })

  it('opened ones show what lies under the face', () => {
    const [dark, light] = ['#202020', '#E0E0E0']
    const found = contrast(paint(dark), { do: 'release' }, paint(light), { do: 'chip-wet' })
    expect(found).toBeCloseTo(deltaE00(labOf(light), labOf(dark)), 6)
    expect(found).toBeGreaterThan(38)
  })

  it('painted ones show themselves', () => {
    const found = contrast(paint('#808080'), {
      do: 'chip-brush',
      family: 'water-acrylic',
      colour: '#8C8C8C',
    })
    expect(found).toBeLessThan(9)
  })

  it.each([
    ['nothing is chipped', [paint('#808080')]],
    ['nobody says the colours', [paint(), paint(), { do: 'chip-wet' }]],
    ['nothing lies under the face', [paint('#808080'), { do: 'chip-wet' }]],
  ])('%s', (_, steps) => {
    expect(contrast(...steps)).toBeNull()
  })
})
