import { applyEdit } from '../model/applyEdit'
import type { Build, BuildStep, Part } from '../model/build'
import { colourOrder } from './colourOrder'
import { shapeEdit } from './proposedZones'

const WHITE = '#F1F0EA'
const BLACK = '#111111'
const CAR: Part = { id: 'car', name: 'Body', substrate: 'polystyrene' }
const SHAPE = { kind: 'car-body', lengthMm: 180, widthMm: 75, heightMm: 50 } as const
const BASE = { do: 'base', family: 'alcohol-acrylic' } as const

/** A car in colours by zone; "rest": all zones that no other colour names. */
function car(steps: readonly { colour?: string; zones?: string[]; do?: string }[]): Build {
  const bare: Build = { id: 'b', name: 'Corriebreck 1100', parts: [CAR], steps: [] }
  const shaped = applyEdit(
    bare,
    shapeEdit(bare, CAR, SHAPE),
    () => null,
    () => 'n',
  )
  if (!shaped.ok) throw new Error(shaped.why)
  return {
    ...shaped.build,
    steps: steps.map((step, i) => ({ ...BASE, ...step, id: `s${i}`, parts: ['car'] }) as BuildStep),
  }
}
const order = (of: Build) => colourOrder(of, of.parts[0] as Part)

it('colours are those that zones end in, and masks name zones', () => {
  const found = order(car([{ colour: BLACK }, { colour: WHITE, zones: ['car-roof'] }]))
  expect(found?.colours).toEqual([BLACK, WHITE])
  expect(found?.zones.find(({ zone }) => zone.name === 'Roof')?.colour).toBe(1)
  expect(found?.zones.filter(({ colour }) => colour === 0)).toHaveLength(8)
  const masked = found?.plan.masks.map(({ zone }) => found.zones[zone]?.zone.name)
  expect(masked?.length).toBeGreaterThan(0)
  expect(found?.plan.minutes).toBeLessThanOrEqual(found?.planned.minutes ?? 0)
})

it('the roof goes on first: then it is masked once, instead of every zone along it', () => {
  const found = order(car([{ colour: WHITE }, { colour: BLACK, zones: ['car-roof'] }]))
  expect(found?.plan.order.map((at) => found.colours[at])).toEqual([BLACK, WHITE])
  expect(found?.plan.masks).toHaveLength(1)
  expect(found?.planned.minutes).toBeCloseTo(found?.plan.second?.minutes ?? 0, 2)
  expect(found?.planned.minutes).toBeGreaterThan(found?.plan.minutes ?? 0)
})

test.each([
  ['one colour', [{ colour: WHITE }]],
  ['none', []],
  ['a tint is none', [{ colour: WHITE }, { do: 'filter', colour: BLACK, zones: ['car-roof'] }]],
  ['a colour that is painted over everywhere', [{ colour: BLACK }, { colour: WHITE }]],
])('nothing to put in order: %s', (_, steps) => {
  expect(order(car(steps))).toBeNull()
})

it('a part without zones has no order', () => {
  expect(order({ ...car([{ colour: WHITE }]), zones: [] })).toBeNull()
})
